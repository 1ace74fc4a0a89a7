package hausaufgabe.server.exercise;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.NotationException;
import hausaufgabe.core.notation.PatternCompletion;
import hausaufgabe.core.notation.PatternEditor;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.notation.StepShape;
import hausaufgabe.server.Problem;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads texts of the notation for those who are writing one. Nothing is kept. */
@RestController
@RequestMapping("/api/notation")
class NotationController {

    record NotationText(@NotNull String text) {}

    /** @param at the place where is being written, in characters from 0 */
    record TextPlace(@NotNull String text, int at) {}

    /** @param part which pattern of the text is changed, from 0; null for the first */
    record TextEdit(
            @NotNull String text,
            @Nullable Integer part,
            @NotNull SentenceEdit edit) {}

    /** What is wrong, and where, both from 1. */
    record Mistake(int line, int column, String message) {}

    /**
     * @param mistakes what is wrong, in the order of the text; empty where it can be read
     * @param patterns empty where it cannot
     * @param parts the same as sentences, one for each pattern
     */
    record ReadText(List<Mistake> mistakes, List<PatternView> patterns, List<Sentences> parts) {}

    /**
     * What can be said.
     *
     * @param words with capitals for what is filled in
     * @param of what it can be said of
     */
    record RelationLine(String words, String meaning, List<Relation.Subject> of) {}

    /**
     * @param steps ways to say a step of a scenario
     * @param before words that may stand before another step
     */
    record VocabularyView(
            List<RelationLine> relations, List<String> sorts, List<StepShape> steps, List<StepShape> before) {}

    /** Reads a text in the notation for patterns and says what is wrong with it. Nothing is kept. */
    @PostMapping("/read")
    ReadText read(@RequestBody NotationText given) {
        String text = text(given.text());
        try {
            return new ReadText(List.of(), PatternView.all(Patterns.all(text)), Sentences.all(text));
        } catch (NotationException first) {
            List<Mistake> all = PatternSet.mistakes(text, StandardVocabulary.INSTANCE).stream()
                    .map(e -> new Mistake(e.line(), e.column(), e.reason()))
                    .toList();
            return new ReadText(all, List.of(), List.of());
        }
    }

    /** The text with one change made, everything else as it stood. */
    @PostMapping("/edit")
    NotationText edit(@RequestBody TextEdit given) {
        try {
            return new NotationText(PatternEditor.apply(
                    text(given.text()),
                    given.part() == null ? 0 : given.part(),
                    given.edit().asEdit(),
                    StandardVocabulary.INSTANCE));
        } catch (PatternEditor.Refused e) {
            throw Problem.conflict(e.getMessage());
        } catch (NotationException e) {
            throw Problem.conflict("The text is no pattern yet: " + e.getMessage() + ". Mend it there first.");
        }
    }

    /** What could stand at a place in such a text. */
    @PostMapping("/complete")
    PatternCompletion complete(@RequestBody TextPlace given) {
        return PatternCompletion.at(text(given.text()), given.at(), StandardVocabulary.INSTANCE);
    }

    /** The text in the usual layout, with its comments. */
    @PostMapping("/layout")
    NotationText layOut(@RequestBody NotationText given) {
        try {
            return new NotationText(Patterns.all(text(given.text())).print());
        } catch (NotationException e) {
            throw Problem.conflict("It can be laid out once it is a pattern: " + e.getMessage() + ".");
        }
    }

    /** The words of the notation. */
    @GetMapping("/vocabulary")
    VocabularyView vocabulary() {
        return new VocabularyView(
                StandardVocabulary.INSTANCE.relations().stream()
                        .map(r -> new RelationLine(
                                r.words(),
                                r.meaning(),
                                Arrays.stream(Relation.Subject.values())
                                        .filter(s -> r.isSaidOf(s)
                                                || s == Relation.Subject.TYPE && r.isSaidOf(Relation.Subject.OPERATION))
                                        .toList()))
                        .toList(),
                Arrays.stream(DesignPattern.TypeSort.values())
                        .map(DesignPattern.TypeSort::words)
                        .toList(),
                StepShape.ALL,
                StepShape.BEFORE);
    }

    private static String text(@Nullable String given) {
        return given == null ? "" : given;
    }
}
