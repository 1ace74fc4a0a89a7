package hausaufgabe.server.exercise;

import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.DesignPattern.TypeSort;
import hausaufgabe.core.notation.PatternEdit;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.server.Problem;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One change as the page of sentences sends it; which of the others is read depends on the kind.
 *
 * @param place of what is changed, as {@link Sentences} gave it; for {@code LIMIT} the words of what is limited
 * @param points for {@code WORTH}
 * @param flag for {@code ESSENTIAL}, {@code FORBIDDEN}, and the moves, where it means up
 * @param text for {@code WORDING}, {@code HINT} and lines, and the block for {@code ADDITION}
 * @param index of the condition or line, from 0; for {@code LIMIT} how much
 * @param condition for {@code SAYS}
 */
record SentenceEdit(
        @NotNull Kind kind,
        @Nullable String place,
        @Nullable Double points,
        @Nullable Boolean flag,
        @Nullable String text,
        @Nullable Integer index,
        Sentences.@Nullable Said condition) {

    private static final double MOST_POINTS = 1_000;
    private static final int LONGEST = 2_000;

    enum Kind {
        WORTH,
        ESSENTIAL,
        FORBIDDEN,
        WORDING,
        HINT,
        SAYS,
        UNSAID,
        REMOVAL,
        MOVE,
        LINE,
        LINE_IN,
        LINE_OUT,
        LINE_MOVE,
        LIMIT,
        ADDITION
    }

    PatternEdit asEdit() {
        String at = place == null ? "" : place;
        return switch (kind) {
            case WORTH -> new PatternEdit.Worth(at, worth());
            case ESSENTIAL -> new PatternEdit.Essential(at, Boolean.TRUE.equals(flag));
            case FORBIDDEN -> new PatternEdit.Forbidden(at, Boolean.TRUE.equals(flag));
            case WORDING -> new PatternEdit.Wording(at, sentence());
            case HINT -> new PatternEdit.Hint(at, text == null ? "" : text);
            case SAYS -> new PatternEdit.Says(at, position(), chosen());
            case UNSAID -> new PatternEdit.Unsaid(at, position());
            case REMOVAL -> new PatternEdit.Removal(at);
            case MOVE -> new PatternEdit.Move(at, Boolean.TRUE.equals(flag));
            case LINE -> new PatternEdit.Line(at, position(), sentence());
            case LINE_IN -> new PatternEdit.LineIn(at, position(), sentence());
            case LINE_OUT -> new PatternEdit.LineOut(at, position());
            case LINE_MOVE -> new PatternEdit.LineMove(at, position(), Boolean.TRUE.equals(flag));
            case LIMIT -> new PatternEdit.Limit(limited(at), position());
            case ADDITION -> new PatternEdit.Addition(text == null ? "" : text);
        };
    }

    private static RunLimits.Of limited(String words) {
        return Arrays.stream(RunLimits.Of.values())
                .filter(o -> o.words().equals(words))
                .findFirst()
                .orElseThrow(() -> Problem.badRequest("Nothing is limited by “" + words + "”."));
    }

    private int position() {
        return index == null ? 0 : index;
    }

    private double worth() {
        if (points == null || points < 0 || points > MOST_POINTS || Math.rint(points * 4) != points * 4) {
            throw Problem.badRequest("Points go from 0 to 1000, in quarters.");
        }
        return points;
    }

    private String sentence() {
        if (text == null || text.isBlank() || text.length() > LONGEST) {
            throw Problem.badRequest("A sentence is needed, of at most " + LONGEST + " characters.");
        }
        return text;
    }

    private Condition chosen() {
        if (condition == null || condition.parts().isEmpty()) {
            throw Problem.badRequest("The condition says nothing yet.");
        }
        List<Predicate> parts =
                condition.parts().stream().map(SentenceEdit::predicate).toList();
        Quantity quantity = condition.quantity() == null ? Quantity.EVERY : condition.quantity();
        return new Condition(
                quantity,
                quantity.counts() ? condition.count() : 0,
                condition.subject(),
                parts.size() == 1 ? parts.get(0) : new Predicate.All(parts),
                condition.alone());
    }

    private static Predicate predicate(Sentences.Part part) {
        Predicate said = part.sort() != null ? sort(part.sort()) : relation(part);
        return part.negative() ? new Predicate.Not(said) : said;
    }

    private static Predicate sort(String words) {
        return Arrays.stream(TypeSort.values())
                .filter(s -> s.words().equals(words))
                .findFirst()
                .map(Predicate.IsA::new)
                .orElseThrow(() -> Problem.badRequest("There is no sort of type “" + words + "”."));
    }

    private static Predicate relation(Sentences.Part part) {
        Relation relation = StandardVocabulary.INSTANCE.relations().stream()
                .filter(r -> r.words().equals(part.words()))
                .findFirst()
                .orElseThrow(() -> Problem.badRequest("Nothing is said by “" + part.words() + "”."));
        long slots = Arrays.stream(relation.words().split(" "))
                .filter(Relation::isSlot)
                .count();
        if (part.names().size() != slots) {
            throw Problem.badRequest("Choose what “" + part.words() + "” is about.");
        }
        return new Predicate.Says(relation, part.names());
    }
}
