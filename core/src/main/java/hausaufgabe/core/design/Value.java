package hausaufgabe.core.design;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where a value in a body came from, as far as the text of one operation tells. */
public sealed interface Value {

    /** The value of a field; {@code on} is whose. */
    record OfField(String field, Value on) implements Value {}

    /** One thing out of a container. */
    record ElementOf(Value container, Choice choice) implements Value {}

    /** A parameter of the operation named; for a constructor or lambda too. */
    record OfParameter(String operation, int index) implements Value {}

    /** What an expression that creates an object makes; lambdas and method references too. */
    record New(String type, Span span) implements Value {}

    /** The object whose operation runs. */
    record Self() implements Value {}

    /** What an operation of the program gave back. */
    record ResultOf(@Nullable String operation, Value receiver, List<Value> arguments) implements Value {}

    /** Something a library made out of these. */
    record Derived(List<Value> from) implements Value {}

    /** A new container with what these contain: a change of it does not change them. */
    record Copy(List<Value> from) implements Value {}

    /** A number, text or truth value written in the code. */
    record Literal(String text) implements Value {}

    /** No object. */
    record Null() implements Value {}

    /** The outcome of arithmetic, comparison or concatenation. */
    record Computed() implements Value {}

    /** One of several, by a condition or by assignments at several places. */
    record OneOf(List<Value> values) implements Value {}

    /** What the reader could not follow. */
    record Unknown() implements Value {}

    /** How an element was chosen: each in turn, each of a part only, or one by key, index or search. */
    enum Choice {
        EACH,
        SOME,
        PICKED
    }
}
