package hausaufgabe.core.design;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Something that a body does, at a place. */
public sealed interface Fact {

    Span span();

    /**
     * A call of an operation of the program or of a library type the design holds.
     *
     * @param operation its id; null where the reader could not resolve it
     * @param name its name as written
     * @param receiver what it is called on; {@link Value.Unknown} for a static call
     * @param toSuper whether it is called past the own override
     */
    record Call(
            @Nullable String operation, String name, Value receiver, List<Value> arguments, boolean toSuper, Span span)
            implements Fact {}

    /**
     * Handing function-typed values to a library, which will call them.
     *
     * @param lent what the library calls them with; null where that is not known
     */
    record HandOver(List<Value> functions, @Nullable Value lent, Span span) implements Fact {}

    /**
     * A call of a library's operation that is no function of the design, or the making of a library's object.
     *
     * @param owner qualified name of the type that declares it
     * @param name its name; {@code <new>} for a constructor
     * @param traits what the language knows of it
     * @param receiver what it is called on; {@link Value.Unknown} where nothing is
     */
    record Library(
            String owner, String name, Set<LibraryTrait> traits, Value receiver, List<Value> arguments, Span span)
            implements Fact {

        public boolean is(LibraryTrait trait) {
            return traits.contains(trait);
        }
    }

    /** What a language knows of an operation of its library. */
    enum LibraryTrait {
        /** Gives out something empty, or what it was given, and has no effect. */
        EMPTY,
        /** Does what it is given only where it has not been done. */
        ONCE,
        /** Makes a copy of the object it is called on. */
        COPY,
        /** Leaves something to chance: random numbers, the time, threads. */
        CHANCE
    }

    /** An object of {@code type} is made, by its {@code constructor} where the design holds it, else null. */
    record Create(String type, @Nullable String constructor, List<Value> arguments, Span span) implements Fact {}

    record Read(String field, Value on, Span span) implements Fact {}

    record Write(String field, Value on, Value value, Span span) implements Fact {}

    /** Something is put into a container; {@code container} leads to the field or local it lives in. */
    record Put(Value container, Value value, Span span) implements Fact {}

    /** Something is taken out of a container, or all of it; {@code value} says what, {@code Unknown} where that is not known. */
    record Remove(Value container, Value value, Span span) implements Fact {}

    record Return(Value value, Span span) implements Fact {}

    /**
     * A decision.
     *
     * @param on what it asks
     * @param subject what is asked; for a comparison, the side that is no constant
     * @param type where {@code on} is {@code TYPE}, id of the type asked for; where it is {@code TAG}, id of the
     *     subject's type; null where not known
     * @param arms the alternatives that belong to an answer, in order; the rest of the operation is no arm
     */
    record Branch(Question on, Value subject, @Nullable String type, List<Arm> arms, Span span) implements Fact {}

    /**
     * One alternative of a branch.
     *
     * @param labels the constants it stands for, as written: numbers, texts, names of constants; may be empty
     * @param isDefault whether it is the one for everything else
     * @param computes whether it works out a value with arithmetic or text of its own
     * @param leaves whether it ends the operation, by returning or throwing
     */
    record Arm(Span span, List<String> labels, boolean isDefault, boolean computes, boolean leaves) {}

    record Throw(String type, Span span) implements Fact {}

    /** What a branch asks about its subject. */
    enum Question {
        NULL,
        TYPE,
        /** Of what kind it is, where nobody names the kinds: what is done is found by the kind itself. */
        TABLE,
        TAG,
        OTHER
    }
}
