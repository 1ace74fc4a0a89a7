package hausaufgabe.core.toy;

import hausaufgabe.core.design.Span;
import java.util.List;

/** A toy program as it is written. */
final class ToyTree {

    private ToyTree() {}

    record Program(List<TypeNode> types) {}

    /** @param constants names of an enum's constants; empty for other types */
    record TypeNode(
            String name,
            boolean isAbstract,
            List<String> supertypes,
            List<String> constants,
            List<FieldNode> fields,
            List<OperationNode> operations,
            Span span) {}

    /** @param initial null where it has none */
    record FieldNode(String name, boolean isStatic, boolean isPrivate, Expression initial, Span span) {}

    /** @param body null where it is abstract */
    record OperationNode(
            String name,
            List<String> parameters,
            boolean isStatic,
            boolean isPrivate,
            List<Statement> body,
            Span span) {

        boolean isConstructor() {
            return name.equals("new");
        }
    }

    sealed interface Statement {
        Span span();

        /** @param on {@link Self} or null for a name without one */
        record Assign(Expression on, String name, Expression value, Span span) implements Statement {}

        /** @param value null where it gives nothing back */
        record Return(Expression value, Span span) implements Statement {}

        record Add(Expression value, Expression container, Span span) implements Statement {}

        record Remove(Expression value, Expression container, Span span) implements Statement {}

        record ForEach(String variable, Expression container, List<Statement> body, Span span) implements Statement {}

        record If(Condition condition, List<Statement> then, List<Statement> otherwise, Span span)
                implements Statement {}

        record Throw(String message, Span span) implements Statement {}

        record Print(Expression value, Span span) implements Statement {}

        record Do(Expression call, Span span) implements Statement {}
    }

    /** What an {@code if} asks. */
    sealed interface Condition {
        record IsNone(Expression subject) implements Condition {}

        record IsA(Expression subject, String type) implements Condition {}

        record Equals(Expression subject, Expression literal) implements Condition {}

        record Truth(Expression subject) implements Condition {}
    }

    sealed interface Expression {
        record Number(String text) implements Expression {}

        record Text(String text) implements Expression {}

        record Truth(boolean value) implements Expression {}

        record None() implements Expression {}

        record Self() implements Expression {}

        record EmptyList() implements Expression {}

        record Name(String name) implements Expression {}

        /** A field or an enum's constant of something. */
        record Member(Expression on, String name, Span span) implements Expression {}

        record New(String type, List<Expression> arguments, Span span) implements Expression {}

        /** @param on null for a call on the same object */
        record Call(Expression on, String name, List<Expression> arguments, boolean toSuper, Span span)
                implements Expression {}

        record Binary(char operator, Expression left, Expression right) implements Expression {}
    }
}
