package hausaufgabe.server.submission;

import hausaufgabe.server.account.Person;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Handing in by the hundred. */
@RestController
@RequestMapping("/api/exercises/{exercise}/piles")
class PileController {

    private final Piles piles;
    private final Reach reach;

    PileController(Piles piles, Reach reach) {
        this.piles = piles;
        this.reach = reach;
    }

    /** A pile is of everybody, so whoever sees but some has nothing to do with it. */
    @ModelAttribute
    void seesEverybody(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        reach.checkEverybody(person, exercise);
    }

    /** @param student null to leave the piece out */
    record Settlement(@Nullable Long student) {}

    /** @param at when the pile was handed in; null for when it was uploaded */
    record Confirmation(@Nullable Instant at) {}

    /** Piles of hand-ins that wait to be confirmed. */
    @GetMapping
    List<Piles.PileView> all(@PathVariable long exercise) {
        return piles.all(exercise);
    }

    /** Takes a pile apart and says whose is what; nothing counts yet. */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Piles.PileView upload(
            @PathVariable long exercise,
            @RequestParam("files") List<MultipartFile> files,
            @AuthenticationPrincipal Person person)
            throws IOException {
        return piles.upload(exercise, Uploads.byPath(files, Uploads.PILE), person);
    }

    /** A pile, with whose each piece seems to be. */
    @GetMapping("/{pile}")
    Piles.PileView one(@PathVariable long exercise, @PathVariable long pile) {
        return piles.view(exercise, pile);
    }

    /** Says whose a piece of a pile is, or leaves it out. */
    @PutMapping("/{pile}/pieces/{piece}")
    Piles.PileView settle(
            @PathVariable long exercise,
            @PathVariable long pile,
            @PathVariable long piece,
            @RequestBody Settlement given) {
        return piles.settle(exercise, pile, piece, given.student());
    }

    /** Hands in what is settled. */
    @PostMapping("/{pile}/confirmation")
    Piles.PileTaken confirm(
            @PathVariable long exercise,
            @PathVariable long pile,
            @RequestBody Confirmation given,
            @AuthenticationPrincipal Person person) {
        return piles.confirm(exercise, pile, given.at(), person);
    }

    /** Throws a pile away. Nothing of it is handed in. */
    @DeleteMapping("/{pile}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable long exercise, @PathVariable long pile) {
        piles.discard(exercise, pile);
    }
}
