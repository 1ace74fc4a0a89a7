package hausaufgabe.core.driver;

import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A value on its way out of a program.
 *
 * @param type token of its type; null for nothing, and for a literal of a scenario, which has none yet
 * @param ref the object; null for what is no object: nothing, numbers, texts, truth values
 * @param text what it is, for what is no object; else a short text for people
 * @param items what a container holds, of a map keys and values in turn; null for what is none, and where it was not told
 */
public record Observed(
        Kind kind,
        @Nullable String type,
        @Nullable ObjectRef ref,
        String text,
        @Nullable List<Observed> items) {

    /** A value of which nothing is told that it may hold. */
    public Observed(Kind kind, @Nullable String type, @Nullable ObjectRef ref, String text) {
        this(kind, type, ref, text, null);
    }

    public static final Observed NOTHING = new Observed(Kind.NOTHING, null, null, "null");

    /** An object whose text is not known. */
    public static Observed of(ObjectRef ref) {
        return new Observed(Kind.OBJECT, ref.type(), ref, "an object");
    }

    /** The token of its type, for what came out of a program and is not nothing. */
    public String knownType() {
        return Objects.requireNonNull(type, "of no type");
    }

    /** The object, for a value of which it is known that it is one. */
    public ObjectRef knownRef() {
        return Objects.requireNonNull(ref, "no object");
    }

    public boolean isNothing() {
        return kind == Kind.NOTHING;
    }

    /** Whether its text says all of it. */
    public boolean isSimple() {
        return kind != Kind.NOTHING && kind != Kind.OBJECT;
    }

    /**
     * Whether two values that are no objects are equal. Numbers are compared by what they are worth, whatever types they
     * have; a text is no number, whatever stands in it.
     */
    public boolean hasSameWorthAs(Observed other) {
        boolean number = kind == Kind.NUMBER;
        if (number && other.kind == Kind.NUMBER) {
            return worth().isPresent() && other.worth().isPresent()
                    ? worth().get().compareTo(other.worth().get()) == 0
                    : text.equals(other.text);
        }
        return number == (other.kind == Kind.NUMBER) && text.equals(other.text);
    }

    /** What a number is worth; nothing for infinity and what is no number. */
    public Optional<BigDecimal> worth() {
        try {
            return kind == Kind.NUMBER ? Optional.of(new BigDecimal(text)) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
