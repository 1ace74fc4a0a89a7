package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A program as a tree, in the words that the languages have in common. */
public final class Code {

    /** What a decorator begins with that says what a written object is called after. */
    public static final String CALLED = "#called ";

    /** What a decorator begins with that says how a class is called that nobody wrote down as one. */
    static final String SHOWN = "#shown ";

    /** A decorator of what is only promised, though nobody wrote it down. */
    static final String PROMISE = "#promise";

    /** A decorator of what nobody wrote down and yet is done. */
    static final String GIVEN = "#given";

    /** A decorator of a class whose options are all there are of it. */
    public static final String UNION = "#union";

    /** What a name begins with that is a class's id, wherever it stands: the class is found by a table rather than asked for. */
    static final String KIND = "#kind:";

    /** The name under which a module gives out one thing in its own place, where it does. */
    public static final String WHOLE = "#exports";

    private Code() {}

    /**
     * A file.
     *
     * @param name by which others import it
     */
    public record Module(String path, String name, List<Statement> body, Span span) {}

    /** Something that is done, or declared. */
    public sealed interface Statement {
        Span span();
    }

    /**
     * @param value null where only a type is declared
     * @param declared the type that is declared; null for none
     * @param augmented whether it works out the new value from the old one
     */
    public record Assign(
            Expression target,
            @Nullable Expression value,
            @Nullable Expression declared,
            boolean augmented,
            Span span) implements Statement {}

    public record Return(@Nullable Expression value, Span span) implements Statement {}

    /** A chain of else-if is an {@code If} alone in what stands otherwise. */
    public record If(Expression condition, List<Statement> then, List<Statement> otherwise, Span span)
            implements Statement {}

    public record ForEach(Expression target, Expression container, List<Statement> body, Span span)
            implements Statement {}

    public record While(Expression condition, List<Statement> body, Span span) implements Statement {}

    public record Do(Expression value, Span span) implements Statement {}

    /** @param value null where what was caught is thrown on */
    public record Raise(@Nullable Expression value, Span span) implements Statement {}

    /**
     * What is done within something else.
     *
     * @param handler whether it is done only when something has failed
     */
    public record Block(List<Statement> body, boolean handler, Span span) implements Statement {}

    public record Match(Expression subject, List<Case> cases, Span span) implements Statement {}

    /**
     * @param labels the constants that it stands for
     * @param types the types that it asks for
     * @param bound names that it gives to the subject, or parts of it
     */
    public record Case(
            List<String> labels,
            List<Expression> types,
            List<String> bound,
            boolean isDefault,
            List<Statement> body,
            Span span) {}

    public record Delete(Expression what, Span span) implements Statement {}

    /** A loop is left. */
    public record Leave(Span span) implements Statement {}

    /** Nothing is done. */
    public record Nothing(Span span) implements Statement {}

    /** @param name what is taken out of the module; null for the module itself, {@code *} for everything */
    public record Import(String module, @Nullable String name, String as, Span span) implements Statement {}

    /** Names that are the module's, or an outer function's, though they are assigned here. */
    public record Outer(List<String> names, boolean global, Span span) implements Statement {}

    /**
     * @param declared null for none
     * @param initial null for none
     */
    public record Parameter(
            String name,
            @Nullable Expression declared,
            @Nullable Expression initial,
            Kind kind) {

        /** How it is given. */
        public enum Kind {
            USUAL,
            NAMED_ONLY,
            ALL,
            ALL_NAMED
        }
    }

    public record Function(
            String name,
            List<Expression> decorators,
            List<Parameter> parameters,
            @Nullable Expression result,
            List<Statement> body,
            Span span)
            implements Statement {}

    /** @param options what is said of it beside what it extends, such as its metaclass */
    public record ClassDefinition(
            String name,
            List<Expression> decorators,
            List<Expression> bases,
            List<Argument> options,
            List<Statement> body,
            Span span)
            implements Statement {}

    /**
     * A field that a class declares for itself or for each of its objects.
     *
     * @param declared null for none
     * @param initial null for none
     */
    public record Field(
            String name,
            List<Expression> decorators,
            @Nullable Expression declared,
            @Nullable Expression initial,
            boolean isStatic,
            Span span)
            implements Statement {}

    /** Something that has a value. */
    public sealed interface Expression {
        Span span();
    }

    public record Name(String name, Span span) implements Expression {}

    public record Member(Expression on, String name, Span span) implements Expression {}

    /** @param name null for one that is given by its place */
    public record Argument(@Nullable String name, Expression value, boolean spread) {}

    public record Call(Expression callee, List<Argument> arguments, Span span) implements Expression {}

    /** @param text without what marks it as a text */
    public record Literal(String text, Kind kind, Span span) implements Expression {

        /** Sorts of constants. */
        public enum Kind {
            NUMBER,
            TEXT,
            TRUTH
        }
    }

    public record None(Span span) implements Expression {}

    /** A container that is written down. @param keys of a map; else empty */
    public record Display(Kind kind, List<Expression> keys, List<Expression> items, Span span) implements Expression {

        /** Sorts of containers. */
        public enum Kind {
            LIST,
            SET,
            MAP,
            TUPLE
        }
    }

    public record Lambda(List<Parameter> parameters, Expression body, Span span) implements Expression {}

    /** A function without a name that does several things. */
    public record Closure(List<Parameter> parameters, List<Statement> body, Span span) implements Expression {}

    /** Arithmetic, a comparison, a text put together: a new value is worked out. */
    public record Operation(String operator, List<Expression> operands, Span span) implements Expression {}

    public record Choice(Expression condition, Expression then, Expression otherwise, Span span)
            implements Expression {}

    /** @param index null where it is a part of the container and not one of it */
    public record Element(Expression container, @Nullable Expression index, Span span) implements Expression {}

    /** A container, or what is gone through, made of another one. */
    public record Comprehension(
            Display.Kind kind, Expression element, List<Clause> clauses, List<Expression> conditions, Span span)
            implements Expression {}

    public record Clause(Expression target, Expression container) {}

    /** An assignment that is a value as well. */
    public record Assigned(Name target, Expression value, Span span) implements Expression {}

    /** An object that is written down where it is made, with operations of its own, and what it is given of what is around. */
    public record Made(ClassDefinition type, List<Argument> arguments, Span span) implements Expression {

        /** As if its type had a name. */
        Call asCall() {
            return new Call(new Name(type.name(), span), arguments, span);
        }
    }

    /** What nothing more is known of than what is inside. */
    public record Other(List<Expression> inside, Span span) implements Expression {}
}
