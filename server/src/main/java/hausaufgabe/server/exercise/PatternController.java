package hausaufgabe.server.exercise;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.server.Problem;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The patterns that come with the product, to be looked up. */
@RestController
@RequestMapping("/api/patterns")
class PatternController {

    record PatternLine(String id, String title, String intent) {}

    /** The patterns of the catalogue. */
    @GetMapping
    List<PatternLine> all() {
        return Catalogue.ids().stream()
                .flatMap(id -> Catalogue.pattern(id).stream())
                .map(p -> new PatternLine(p.id(), p.title(), p.intent()))
                .toList();
    }

    /** A pattern of the catalogue. */
    @GetMapping("/{id}")
    PatternView one(@PathVariable String id) {
        return Catalogue.pattern(id)
                .map(PatternView::of)
                .orElseThrow(() -> Problem.notFound("There is no such pattern in the catalogue."));
    }
}
