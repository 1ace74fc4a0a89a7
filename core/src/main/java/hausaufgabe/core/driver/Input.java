package hausaufgabe.core.driver;

import java.util.List;

/** A value on its way into a program. Types are tokens of the program's language. */
public sealed interface Input
        permits Input.Nothing, Input.Simple, Input.Several, Input.Parsed, Input.Itself, ObjectRef {

    record Nothing() implements Input {}

    /**
     * A number, text, letter or truth value.
     *
     * @param type which of the language's types for such it is
     */
    record Simple(Kind kind, String type, String text) implements Input {

        /** The same as it is when it comes back. */
        public Observed observed() {
            return new Observed(kind, type, null, text);
        }
    }

    /** @param type a collection's or array's type; items of a map are keys and values in turn */
    record Several(String type, List<Input> items) implements Input {}

    /** Made from a text by an operation of a library type. */
    record Parsed(String type, String operation, String text) implements Input {}

    /** As an answer of a double: the double itself. */
    record Itself() implements Input {}
}
