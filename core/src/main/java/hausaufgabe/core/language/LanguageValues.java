package hausaufgabe.core.language;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import java.util.List;
import java.util.Optional;

/** How a language writes values, and which ones stand for "any" of its library's types. Types are tokens of its reader. */
public interface LanguageValues {

    /** Values of the type that are tried, the most ordinary first; none where it is none of its library's known ones. */
    List<Input> samples(String type, MentionedValues mentioned);

    /** One of the samples; beyond the last they begin again. */
    default Optional<Input> sample(String type, int round, MentionedValues mentioned) {
        List<Input> all = samples(type, mentioned);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(round % all.size()));
    }

    /** A value as it was seen of a program, made again; nothing where what was told does not say all of it. */
    Optional<Input> again(Observed seen);

    /**
     * A value of the same make as one that a program takes: digits for digits, letters for letters.
     *
     * @param turn which of those that are alike, from 1
     */
    Input alike(Input like, int turn);

    /** Texts that a regular expression describes as a whole, distinct; none where none could be made in reasonable size. */
    List<String> matching(String expression);

    /** A literal as a value of the type; nothing where it does not fit, as a broken number does not fit a whole one. */
    Optional<Input> literal(Observed literal, String type);

    /** Whether nothing can stand where the type is asked for. */
    boolean canBeNothing(String type);

    /** Whether nothing is known of what is asked for, so that anything may be given, and nothing as well. */
    default boolean isAnything(String type) {
        return false;
    }

    /** Whether the type has two values, true and false. */
    boolean isTruth(String type);

    /** Whether the type's values are numbers. */
    boolean isNumber(String type);

    /** Whether the two are the same simple type, where the language has several names for it. */
    boolean isSameSimpleType(String one, String other);

    /** What says that there is none, where the type is asked for. */
    Input absent(TypeRef wanted);

    /** A container of the type with these items; of a map keys and values in turn. */
    Input container(TypeRef wanted, List<Input> items);

    /** A type as a value, where the language has such and one is asked for. */
    Optional<Input> typeAsValue(TypeRef wanted, Design design, int round);

    /** How an object that the runtime itself holds is got at, such as its output; nothing where it holds none of the type. */
    Optional<Request> heldByRuntime(String type);
}
