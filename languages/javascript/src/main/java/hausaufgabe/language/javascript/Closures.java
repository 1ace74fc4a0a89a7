package hausaufgabe.language.javascript;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.CodeWalk;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Objects whose operations share the variables of the function that makes them: these variables are the object's fields, and
 * functions of that function which it offers are its operations.
 */
final class Closures {

    private final Set<String> locals = new LinkedHashSet<>();
    private final Map<String, Code.Function> functions = new LinkedHashMap<>();
    private final Set<String> moved = new LinkedHashSet<>();

    private Closures(List<Code.Parameter> parameters, List<Statement> body) {
        parameters.forEach(p -> locals.add(p.name()));
        Set<String> ofOthers = new LinkedHashSet<>();
        CodeWalk.through(body, part -> {
            if (part instanceof Code.Outer o) {
                ofOthers.addAll(o.names());
            }
            if (part instanceof Code.Function f) {
                functions.put(f.name(), f);
                locals.add(f.name());
                return false;
            }
            if (part instanceof Code.Assign a && a.target() instanceof Code.Name n && !ofOthers.contains(n.name())) {
                locals.add(n.name());
            }
            return !(part instanceof Code.Closure || part instanceof Code.Lambda || part instanceof Code.Made);
        });
    }

    /** A function's body in which what it makes has what it shares with the function as its own. */
    static List<Statement> opened(List<Code.Parameter> parameters, List<Statement> body) {
        Closures c = new Closures(parameters, body);
        if (c.locals.isEmpty()) {
            return body;
        }
        List<Statement> made = CodeWalk.replaced(body, part -> {
            if (part instanceof Code.Function || part instanceof Code.Closure || part instanceof Code.Lambda) {
                return part;
            }
            return part instanceof Code.Made m ? c.opened(m) : null;
        });
        return c.moved.isEmpty()
                ? made
                : made.stream()
                        .filter(s -> !(s instanceof Code.Function f && c.moved.contains(f.name())))
                        .toList();
    }

    private Code.Made opened(Code.Made made) {
        Map<String, Code.Function> operations = new LinkedHashMap<>();
        List<Statement> members = new ArrayList<>();
        for (Statement s : made.type().body()) {
            Code.Function offered =
                    s instanceof Code.Field f && f.initial() instanceof Code.Name n ? functions.get(n.name()) : null;
            if (s instanceof Code.Function f) {
                operations.put(f.name(), f);
            } else if (offered != null) {
                operations.put(((Code.Field) s).name(), operation(offered, ((Code.Field) s).name()));
                moved.add(offered.name());
            } else {
                members.add(s);
            }
        }
        Map<String, String> helpers = helpers(operations);
        Set<String> captured = new LinkedHashSet<>();
        operations.values().forEach(f -> captured(f, captured));
        captured.removeAll(functions.keySet());
        if (captured.isEmpty() && helpers.isEmpty() && moved.isEmpty()) {
            return made;
        }
        Span span = made.span();
        List<Code.Parameter> parameters =
                new ArrayList<>(List.of(new Code.Parameter(Marks.OBJECT, null, null, Code.Parameter.Kind.USUAL)));
        List<Statement> kept = new ArrayList<>();
        List<Code.Argument> arguments = new ArrayList<>();
        int at = 0;
        for (String name : captured) {
            Span place = new Span(span.file(), span.line(), span.line(), span.from() + at, span.from() + at);
            at = Math.min(at + 1, span.to() - span.from());
            members.add(
                    new Code.Field(fieldOf(name), List.of(Marks.mark(Marks.PRIVATE, place)), null, null, false, place));
            parameters.add(new Code.Parameter(fieldOf(name), null, null, Code.Parameter.Kind.USUAL));
            arguments.add(new Code.Argument(null, new Code.Name(name, place), false));
            kept.add(new Code.Assign(
                    new Code.Member(new Code.Name(Marks.OBJECT, place), fieldOf(name), place),
                    new Code.Name(fieldOf(name), place),
                    null,
                    false,
                    place));
        }
        if (!kept.isEmpty()) {
            members.add(new Code.Function(Marks.CONSTRUCTOR, List.of(), parameters, null, kept, span));
        }
        Map<String, String> own = new HashMap<>(helpers);
        captured.forEach(v -> own.put(v, fieldOf(v)));
        operations.values().forEach(f -> members.add(ofObject(f, own)));
        return new Code.Made(
                new Code.ClassDefinition(
                        made.type().name(), made.type().decorators(), List.of(), List.of(), members, span),
                arguments,
                span);
    }

    private static String fieldOf(String variable) {
        return variable.equals(Marks.THIS) ? Marks.AROUND : variable;
    }

    private static Code.Function operation(Code.Function f, String name) {
        List<Code.Parameter> parameters =
                new ArrayList<>(List.of(new Code.Parameter(Marks.OBJECT, null, null, Code.Parameter.Kind.USUAL)));
        parameters.addAll(f.parameters());
        return new Code.Function(name, f.decorators(), parameters, f.result(), f.body(), f.span());
    }

    /** Functions that the operations call, and those that these call, are operations too; what each is called as. */
    private Map<String, String> helpers(Map<String, Code.Function> operations) {
        Map<String, String> names = new LinkedHashMap<>();
        functions.forEach((name, f) -> operations.forEach((as, o) -> {
            if (o.span().equals(f.span())) {
                names.put(name, as);
            }
        }));
        boolean more = true;
        while (more) {
            more = false;
            for (Code.Function f : List.copyOf(operations.values())) {
                Set<String> called = new LinkedHashSet<>();
                captured(f, called);
                for (String name : called) {
                    if (functions.containsKey(name) && !names.containsKey(name) && !operations.containsKey(name)) {
                        Code.Function helper = operation(functions.get(name), name);
                        List<Expression> hidden = new ArrayList<>(helper.decorators());
                        hidden.add(Marks.mark(Marks.PRIVATE, helper.span()));
                        operations.put(
                                name,
                                new Code.Function(
                                        name,
                                        hidden,
                                        helper.parameters(),
                                        helper.result(),
                                        helper.body(),
                                        helper.span()));
                        names.put(name, name);
                        moved.add(name);
                        more = true;
                    }
                }
            }
        }
        return names;
    }

    /** Variables around an operation that it uses. */
    private void captured(Code.Function f, Set<String> into) {
        Set<String> own = new LinkedHashSet<>();
        f.parameters().forEach(p -> own.add(p.name()));
        own(f.body(), own);
        used(f.body(), own, into);
    }

    /** Variables that a body declares for itself. */
    private static void own(List<Statement> body, Set<String> into) {
        Set<String> ofOthers = new LinkedHashSet<>();
        CodeWalk.through(body, part -> {
            if (part instanceof Code.Outer o) {
                ofOthers.addAll(o.names());
            } else if (part instanceof Code.Assign a
                    && a.target() instanceof Code.Name n
                    && !ofOthers.contains(n.name())) {
                into.add(n.name());
            } else if (part instanceof Code.ForEach f
                    && f.target() instanceof Code.Name n
                    && !ofOthers.contains(n.name())) {
                into.add(n.name());
            } else if (part instanceof Code.Function f) {
                into.add(f.name());
            }
            return !(part instanceof Code.Closure || part instanceof Code.Lambda || part instanceof Code.Function);
        });
    }

    private void used(Object part, Set<String> own, Set<String> into) {
        CodeWalk.through(part, p -> {
            if (p instanceof Code.Name n && locals.contains(n.name()) && !own.contains(n.name())) {
                into.add(n.name());
            }
            List<Code.Parameter> inner = parametersOf(p);
            if (inner != null && !inner.isEmpty()) {
                Set<String> more = new LinkedHashSet<>(own);
                inner.forEach(x -> more.add(x.name()));
                used(bodyOf(p), more, into);
                return false;
            }
            return true;
        });
    }

    private static @Nullable List<Code.Parameter> parametersOf(Record part) {
        return part instanceof Code.Lambda l
                ? l.parameters()
                : part instanceof Code.Closure c
                        ? c.parameters()
                        : part instanceof Code.Function f ? f.parameters() : null;
    }

    private static Object bodyOf(Record part) {
        return part instanceof Code.Lambda l
                ? l.body()
                : part instanceof Code.Closure c ? c.body() : ((Code.Function) part).body();
    }

    /** The operation with the variables as fields of its object. */
    private static Code.Function ofObject(Code.Function f, Map<String, String> fields) {
        String self = f.parameters().get(0).name();
        Map<String, String> left = new HashMap<>(fields);
        f.parameters().forEach(p -> left.remove(p.name()));
        Set<String> own = new LinkedHashSet<>();
        own(f.body(), own);
        own.forEach(left::remove);
        return new Code.Function(
                f.name(), f.decorators(), f.parameters(), f.result(), replaced(f.body(), self, left), f.span());
    }

    private static <T> T replaced(T body, String self, Map<String, String> fields) {
        return CodeWalk.replaced(body, part -> {
            if (part instanceof Code.Name n && fields.containsKey(n.name())) {
                return new Code.Member(new Code.Name(self, before(n.span())), fields.get(n.name()), n.span());
            }
            List<Code.Parameter> inner = parametersOf(part);
            if (inner == null || inner.stream().noneMatch(p -> fields.containsKey(p.name()))) {
                return null;
            }
            Map<String, String> left = new HashMap<>(fields);
            inner.forEach(p -> left.remove(p.name()));
            return part instanceof Code.Lambda l
                    ? new Code.Lambda(l.parameters(), replaced(l.body(), self, left), l.span())
                    : part instanceof Code.Closure c
                            ? new Code.Closure(c.parameters(), replaced(c.body(), self, left), c.span())
                            : part;
        });
    }

    private static Span before(Span s) {
        return new Span(s.file(), s.line(), s.line(), s.from(), s.from());
    }

    /** An expression in which names for parts are read from the whole that they are parts of. */
    static Expression read(Expression e, List<Statement> parts) {
        Map<String, Expression> reads = new HashMap<>();
        for (Statement s : parts) {
            if (s instanceof Code.Assign a && a.target() instanceof Code.Name n && a.value() != null) {
                reads.put(n.name(), a.value());
            }
        }
        return CodeWalk.replaced(e, part -> {
            if (part instanceof Code.Name n && reads.get(n.name()) instanceof Code.Member m) {
                Span s = n.span();
                Code.Name whole = new Code.Name(((Code.Name) m.on()).name(), before(s));
                return new Code.Member(whole, m.name(), s);
            }
            return null;
        });
    }
}
