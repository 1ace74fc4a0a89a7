package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Scenario.Argument.Literal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Which values are valid in an exercise's world, as a line {@code values} says it.
 *
 * @param sort what they are
 * @param type simple name of the submission's type they are of; null for texts and numbers
 * @param role only where an operation of a type of this role takes them; null for anywhere
 * @param words only where the name of the parameter has one of them in it; empty for any name
 * @param source which they are
 */
public record ValidValues(
        Sort sort, @Nullable String type, @Nullable String role, List<String> words, Source source) {

    /** What the values of a line are. */
    public enum Sort {
        TEXT,
        NUMBER,
        OWN_TYPE
    }

    /** Which values they are. */
    public sealed interface Source {

        /** These; for a type of the submission names of its constants, or what one is made from. */
        record Examples(List<Literal> all) implements Source {}

        /** Texts that a regular expression describes as a whole. */
        record Matching(String expression) implements Source {}

        /** Numbers, both ends among them. */
        record Range(String least, String most) implements Source {}

        /** One object, made from these by a constructor or a static operation. */
        record From(List<Literal> all) implements Source {}
    }
}
