package hausaufgabe.core.toy;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.toy.ToyTree.Condition;
import hausaufgabe.core.toy.ToyTree.Expression;
import hausaufgabe.core.toy.ToyTree.FieldNode;
import hausaufgabe.core.toy.ToyTree.OperationNode;
import hausaufgabe.core.toy.ToyTree.Statement;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs toy programs. Values are null, numbers, texts, truth values, lists and instances. */
final class ToyInterpreter {

    private static final int MOST_STEPS = 200_000;

    private final Map<String, TypeNode> types;
    private final Listener listener;
    private final Map<String, Object> statics = new LinkedHashMap<>();
    private int steps;

    /** @param isDouble whether what has no body is asked of the listener */
    record Instance(String type, boolean isDouble, Map<String, Object> fields) {
        @Override
        public boolean equals(Object other) {
            return this == other;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(this);
        }
    }

    /** Told of what happens. */
    interface Listener {
        void entered(Instance on, TypeNode type, String operation, List<Object> arguments);

        void left(Instance on, TypeNode type, String operation, int arguments, Object value);

        void threw(Instance on, TypeNode type, String operation, int arguments);

        void printed(String text);

        Object asked(Instance on, String operation, List<Object> arguments);
    }

    /** Thrown by a toy program. */
    static final class ToyError extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final String at;

        ToyError(String message, Span at) {
            super(message);
            this.at = at == null ? "" : at.file() + ":" + at.line();
        }

        String at() {
            return at;
        }
    }

    /** A program does not end. */
    static final class TooLong extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** What a body came to. */
    private record Returned(Object value) {}

    private record Frame(Instance self, TypeNode type, Map<String, Object> locals) {}

    ToyInterpreter(Map<String, TypeNode> types, Listener listener) {
        this.types = types;
        this.listener = listener;
        for (TypeNode t : types.values()) {
            t.constants()
                    .forEach(
                            c -> statics.put(t.name() + "." + c, new Instance(t.name(), false, new LinkedHashMap<>())));
        }
        for (TypeNode t : types.values()) {
            for (FieldNode f : t.fields()) {
                if (f.isStatic()) {
                    Frame frame = new Frame(null, t, new HashMap<>());
                    statics.put(t.name() + "." + f.name(), f.initial() == null ? null : value(f.initial(), frame));
                }
            }
        }
    }

    Map<String, Object> statics() {
        return statics;
    }

    Instance make(String type, List<Object> arguments) {
        return make(new Instance(type, false, new LinkedHashMap<>()), arguments);
    }

    /** @param type a type of the program, or an implied one, which has no body at all */
    Instance makeDouble(String type, List<Object> arguments) {
        return make(new Instance(type, true, new LinkedHashMap<>()), arguments);
    }

    private Instance make(Instance made, List<Object> arguments) {
        TypeNode type = types.get(made.type());
        if (type != null) {
            fill(type, made);
            OperationNode constructor = find(type, "new", arguments.size());
            if (constructor != null && constructor.body() != null) {
                run(made, ownerOf(type, constructor), constructor, arguments);
            }
        }
        return made;
    }

    private void fill(TypeNode type, Instance made) {
        type.supertypes().stream().filter(types::containsKey).forEach(s -> fill(types.get(s), made));
        for (FieldNode f : type.fields()) {
            if (!f.isStatic()) {
                Frame frame = new Frame(made, type, new HashMap<>());
                made.fields().put(f.name(), f.initial() == null ? null : value(f.initial(), frame));
            }
        }
    }

    /** @param on null for a static operation of {@code type} */
    Object call(Instance on, TypeNode type, String name, List<Object> arguments) {
        TypeNode start = on == null ? type : types.get(on.type());
        OperationNode o = start == null ? null : find(start, name, arguments.size());
        if (on != null && on.isDouble() && (o == null || o.body() == null)) {
            return listener.asked(on, name, arguments);
        }
        if (o == null || o.body() == null) {
            throw new ToyError("nothing answers " + name + "/" + arguments.size(), null);
        }
        return run(on, ownerOf(start, o), o, arguments);
    }

    private OperationNode find(TypeNode type, String name, int count) {
        for (OperationNode o : type.operations()) {
            if (o.name().equals(name) && o.parameters().size() == count) {
                return o;
            }
        }
        OperationNode found = null;
        for (String s : type.supertypes()) {
            OperationNode up = types.containsKey(s) ? find(types.get(s), name, count) : null;
            found = found == null || found.body() == null && up != null ? up : found;
        }
        return found;
    }

    private TypeNode ownerOf(TypeNode type, OperationNode o) {
        return types.values().stream()
                .filter(t -> t.operations().stream().anyMatch(x -> x == o))
                .findFirst()
                .orElse(type);
    }

    private Object run(Instance on, TypeNode type, OperationNode o, List<Object> arguments) {
        Map<String, Object> locals = new HashMap<>();
        for (int i = 0; i < arguments.size(); i++) {
            locals.put(o.parameters().get(i), arguments.get(i));
        }
        listener.entered(on, type, o.name(), arguments);
        try {
            Returned r = run(o.body(), new Frame(on, type, locals));
            Object value = r == null ? null : r.value();
            listener.left(on, type, o.name(), arguments.size(), value);
            return value;
        } catch (ToyError e) {
            listener.threw(on, type, o.name(), arguments.size());
            throw e;
        }
    }

    private Returned run(List<Statement> body, Frame frame) {
        for (Statement s : body) {
            if (++steps > MOST_STEPS) {
                throw new TooLong();
            }
            Returned r = run(s, frame);
            if (r != null) {
                return r;
            }
        }
        return null;
    }

    private Returned run(Statement s, Frame frame) {
        if (s instanceof Statement.Return r) {
            return new Returned(r.value() == null ? null : value(r.value(), frame));
        } else if (s instanceof Statement.Assign a) {
            assign(a, frame);
        } else if (s instanceof Statement.Add a) {
            list(a.container(), frame).add(value(a.value(), frame));
        } else if (s instanceof Statement.Remove r) {
            list(r.container(), frame).remove(value(r.value(), frame));
        } else if (s instanceof Statement.ForEach f) {
            for (Object each : List.copyOf(list(f.container(), frame))) {
                frame.locals().put(f.variable(), each);
                Returned r = run(f.body(), frame);
                if (r != null) {
                    return r;
                }
            }
        } else if (s instanceof Statement.If i) {
            return run(holds(i.condition(), frame) ? i.then() : i.otherwise(), frame);
        } else if (s instanceof Statement.Throw t) {
            throw new ToyError(t.message(), t.span());
        } else if (s instanceof Statement.Print p) {
            listener.printed(String.valueOf(value(p.value(), frame)));
        } else if (s instanceof Statement.Do d) {
            value(d.call(), frame);
        }
        return null;
    }

    private boolean holds(Condition c, Frame frame) {
        if (c instanceof Condition.IsNone n) {
            return value(n.subject(), frame) == null;
        } else if (c instanceof Condition.IsA a) {
            return value(a.subject(), frame) instanceof Instance i && isBelow(i.type(), a.type());
        } else if (c instanceof Condition.Equals e) {
            Object x = value(e.subject(), frame);
            Object y = value(e.literal(), frame);
            return x instanceof BigDecimal n && y instanceof BigDecimal m
                    ? n.compareTo(m) == 0
                    : x != null && x.equals(y);
        }
        return Boolean.TRUE.equals(value(((Condition.Truth) c).subject(), frame));
    }

    private boolean isBelow(String type, String above) {
        TypeNode t = types.get(type);
        return type.equals(above) || t != null && t.supertypes().stream().anyMatch(x -> isBelow(x, above));
    }

    private void assign(Statement.Assign a, Frame frame) {
        Object value = value(a.value(), frame);
        if (a.on() instanceof Expression.Name n && types.containsKey(n.name())) {
            statics.put(n.name() + "." + a.name(), value);
        } else if (frame.self() != null
                && frame.self().fields().containsKey(a.name())
                && (a.on() != null || !frame.locals().containsKey(a.name()))) {
            frame.self().fields().put(a.name(), value);
        } else if (statics.containsKey(frame.type().name() + "." + a.name())) {
            statics.put(frame.type().name() + "." + a.name(), value);
        } else {
            frame.locals().put(a.name(), value);
        }
    }

    @SuppressWarnings("unchecked")
    private List<Object> list(Expression e, Frame frame) {
        Object value = value(e, frame);
        if (value instanceof List<?>) {
            return (List<Object>) value;
        }
        throw new ToyError("no list", null);
    }

    private Object value(Expression e, Frame frame) {
        if (e instanceof Expression.Number n) {
            return new BigDecimal(n.text());
        } else if (e instanceof Expression.Text t) {
            return t.text();
        } else if (e instanceof Expression.Truth t) {
            return t.value();
        } else if (e instanceof Expression.None) {
            return null;
        } else if (e instanceof Expression.Self) {
            return frame.self();
        } else if (e instanceof Expression.EmptyList) {
            return new ArrayList<>();
        } else if (e instanceof Expression.Name n) {
            return named(n.name(), frame);
        } else if (e instanceof Expression.Member m) {
            return member(m, frame);
        } else if (e instanceof Expression.New n) {
            return make(n.type(), values(n.arguments(), frame));
        } else if (e instanceof Expression.Binary b) {
            return computed(b, value(b.left(), frame), value(b.right(), frame));
        }
        return call((Expression.Call) e, frame);
    }

    private List<Object> values(List<Expression> all, Frame frame) {
        List<Object> values = new ArrayList<>();
        all.forEach(a -> values.add(value(a, frame)));
        return values;
    }

    private Object named(String name, Frame frame) {
        if (frame.locals().containsKey(name)) {
            return frame.locals().get(name);
        }
        if (frame.self() != null && frame.self().fields().containsKey(name)) {
            return frame.self().fields().get(name);
        }
        String own = frame.type().name() + "." + name;
        if (statics.containsKey(own)) {
            return statics.get(own);
        }
        throw new ToyError("nothing is called " + name, null);
    }

    private Object member(Expression.Member m, Frame frame) {
        if (m.on() instanceof Expression.Name n && types.containsKey(n.name())) {
            return statics.get(n.name() + "." + m.name());
        }
        Object on = value(m.on(), frame);
        if (on instanceof Instance i) {
            return i.fields().get(m.name());
        }
        throw new ToyError("no object has " + m.name(), m.span());
    }

    private static Object computed(Expression.Binary b, Object x, Object y) {
        if (x instanceof BigDecimal n && y instanceof BigDecimal m) {
            return switch (b.operator()) {
                case '+' -> n.add(m);
                case '-' -> n.subtract(m);
                default -> n.multiply(m);
            };
        }
        if (b.operator() == '+' && (x instanceof String || y instanceof String)) {
            return String.valueOf(x) + y;
        }
        throw new ToyError("cannot work out " + b.operator(), null);
    }

    private Object call(Expression.Call c, Frame frame) {
        List<Object> arguments = values(c.arguments(), frame);
        if (c.toSuper()) {
            for (String s : frame.type().supertypes()) {
                TypeNode up = types.get(s);
                OperationNode o = up == null ? null : find(up, c.name(), arguments.size());
                if (o != null && o.body() != null) {
                    return run(frame.self(), ownerOf(up, o), o, arguments);
                }
            }
            throw new ToyError("nothing above answers " + c.name(), c.span());
        }
        if (c.on() == null || c.on() instanceof Expression.Self) {
            return call(frame.self(), frame.type(), c.name(), arguments);
        }
        if (c.on() instanceof Expression.Name n
                && types.containsKey(n.name())
                && !frame.locals().containsKey(n.name())) {
            return call(null, types.get(n.name()), c.name(), arguments);
        }
        Object on = value(c.on(), frame);
        if (on instanceof Instance i) {
            return call(i, null, c.name(), arguments);
        }
        throw new ToyError("nothing can be asked for " + c.name(), c.span());
    }
}
