package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Operations whose names a program puts together with that of an object's class: a choice among the classes that have such an
 * operation is written in the place of each such call.
 */
final class NamedOperations {

    private final Kinds kinds;
    private final Map<String, Map<Integer, String>> taken = new HashMap<>();

    private final List<Set<String>> families = new ArrayList<>();

    NamedOperations(Kinds kinds) {
        this.kinds = kinds;
    }

    /** The kinds among which something is looked up, set by set. */
    List<Set<String>> families() {
        return families;
    }

    /** Whether anything in it is asked for the name of its class, or what tells its kind is used to look something up. */
    boolean areIn(Code.Module m) {
        return mentions(
                m.body(),
                part -> asked(part) != null
                        || part instanceof Code.Element e
                                && e.index() != null
                                && mentions(e.index(), p -> field(p) != null));
    }

    private static boolean mentions(Object code, Predicate<Record> what) {
        boolean[] found = new boolean[1];
        CodeWalk.through(code, part -> {
            found[0] |= what.test(part);
            return !found[0];
        });
        return found[0];
    }

    /** What is asked for a field that tells its kind; null where that is not asked. */
    private Code.@Nullable Member field(Record part) {
        return part instanceof Code.Member m
                        && m.on() instanceof Code.Name
                        && !kinds.toldApartBy(m.name()).isEmpty()
                ? m
                : null;
    }

    /** @param missing the operations that are asked of the object itself and only classes below have */
    record ByName(Code.Function function, Map<String, Code.Function> missing) {}

    /** @param on what has the operations; {@code kinds} class by operation; {@code otherwise} null for none */
    private record Lookup(
            Expression on,
            String subject,
            Map<String, String> kinds,
            @Nullable Expression otherwise) {}

    /**
     * A function with what it looks up by names written out.
     *
     * @param inside the class that it is an operation of; null for none
     */
    ByName byName(Code.Function f, Code.@Nullable ClassDefinition inside) {
        Map<String, Code.Function> missing = new LinkedHashMap<>();
        Map<String, Expression> variables = new HashMap<>();
        CodeWalk.through(f.body(), part -> {
            if (part instanceof Code.Assign a && a.target() instanceof Code.Name n && a.value() != null) {
                variables.put(n.name(), a.value());
            }
            return true;
        });
        List<Statement> body = CodeWalk.replaced(f.body(), part -> {
            boolean does = part instanceof Code.Return || part instanceof Code.Do || part instanceof Code.Assign;
            Code.Call[] found = new Code.Call[1];
            Lookup[] lookup = new Lookup[1];
            if (does) {
                CodeWalk.through(part, inner -> {
                    if (inner instanceof Code.Call c && lookup[0] == null) {
                        lookup[0] = lookup(c.callee(), variables);
                        found[0] = c;
                    }
                    return lookup[0] == null;
                });
            }
            return lookup[0] == null ? null : choice((Statement) part, found[0], lookup[0], f, inside, missing);
        });
        return new ByName(
                body == f.body()
                        ? f
                        : new Code.Function(f.name(), f.decorators(), f.parameters(), f.result(), body, f.span()),
                missing);
    }

    private Code.Match choice(
            Statement done,
            Code.Call call,
            Lookup lookup,
            Code.Function around,
            Code.@Nullable ClassDefinition inside,
            Map<String, Code.Function> missing) {
        Span span = done.span();
        families.add(new LinkedHashSet<>(lookup.kinds().values()));
        List<Code.Case> cases = new ArrayList<>();
        boolean ofItself = inside != null
                && lookup.on() instanceof Code.Name n
                && !around.parameters().isEmpty()
                && n.name().equals(around.parameters().get(0).name());
        int at = 0;
        while (at < call.arguments().size()
                && !(call.arguments().get(at).value() instanceof Code.Name n
                        && n.name().equals(lookup.subject()))) {
            at++;
        }
        for (Map.Entry<String, String> e : lookup.kinds().entrySet()) {
            Expression named = new Code.Member(lookup.on(), e.getKey(), call.span());
            cases.add(new Code.Case(
                    List.of(),
                    List.of(kinds.kind(e.getValue(), span)),
                    List.of(),
                    false,
                    List.of(with(done, call, named)),
                    span));
            if (at < call.arguments().size()) {
                taken.computeIfAbsent(e.getKey(), k -> new HashMap<>()).put(at, e.getValue());
            }
            if (ofItself
                    && !kinds.operations().getOrDefault(e.getKey(), Set.of()).contains(inside.name())) {
                List<Code.Parameter> parameters =
                        new ArrayList<>(List.of(around.parameters().get(0)));
                for (int i = 0; i < call.arguments().size(); i++) {
                    Expression type = i == at ? kinds.kind(e.getValue(), span) : null;
                    parameters.add(new Code.Parameter("given" + i, type, null, Code.Parameter.Kind.USUAL));
                }
                missing.put(e.getKey(), inherited(e.getKey(), parameters, lookup.otherwise(), span));
            }
        }
        if (lookup.otherwise() != null) {
            cases.add(new Code.Case(
                    List.of(), List.of(), List.of(), true, List.of(with(done, call, lookup.otherwise())), span));
        }
        return new Code.Match(new Code.Name(lookup.subject(), span), List.copyOf(cases), span);
    }

    /** What a class below need not have is done otherwise, where the program says how, and is only promised where it does not. */
    private static Code.Function inherited(
            String name, List<Code.Parameter> parameters, @Nullable Expression otherwise, Span span) {
        if (!(otherwise instanceof Code.Member m)) {
            return Kinds.promised(name, parameters, span);
        }
        List<Code.Argument> handed = parameters.stream()
                .skip(1)
                .map(p -> new Code.Argument(null, new Code.Name(p.name(), span), false))
                .toList();
        return new Code.Function(
                name,
                List.of(new Code.Name(Code.GIVEN, span)),
                List.copyOf(parameters),
                null,
                List.of(new Code.Return(new Code.Call(m, handed, span), span)),
                span);
    }

    private static Statement with(Statement done, Code.Call call, Expression callee) {
        return CodeWalk.replaced(
                done, part -> part == call ? new Code.Call(callee, call.arguments(), call.span()) : null);
    }

    /** What is called by a name that is put together; null where it is not. */
    private @Nullable Lookup lookup(Expression callee, Map<String, Expression> variables) {
        Expression e = callee instanceof Code.Name n ? variables.get(n.name()) : callee;
        if (e instanceof Code.Call c
                && c.callee() instanceof Code.Name n
                && n.name().equals("getattr")
                && c.arguments().size() >= 2) {
            Expression otherwise =
                    c.arguments().size() == 3 ? c.arguments().get(2).value() : null;
            return lookup(
                    c.arguments().get(0).value(),
                    c.arguments().get(1).value(),
                    otherwise instanceof Code.None ? null : otherwise,
                    variables);
        }
        return e instanceof Code.Element x && x.index() != null && !(x.index() instanceof Code.Literal)
                ? lookup(x.container(), x.index(), null, variables)
                : null;
    }

    private @Nullable Lookup lookup(
            Expression on, Expression name, @Nullable Expression otherwise, Map<String, Expression> variables) {
        List<String> texts = new ArrayList<>();
        String[] subject = new String[1];
        CodeWalk.through(name, part -> {
            if (part instanceof Code.Literal l && l.kind() == Code.Literal.Kind.TEXT) {
                texts.add(l.text());
            } else if (part instanceof Code.Name n && variables.containsKey(n.name()) && subject[0] == null) {
                CodeWalk.through(variables.get(n.name()), inner -> {
                    subject[0] = subject[0] == null ? asked(inner) : subject[0];
                    if (inner instanceof Code.Literal l && l.kind() == Code.Literal.Kind.TEXT) {
                        texts.add(l.text());
                    }
                    return true;
                });
            }
            subject[0] = subject[0] == null ? asked(part) : subject[0];
            return true;
        });
        Map<String, String> named = new LinkedHashMap<>();
        if (subject[0] != null) {
            kinds.names().forEach(k -> named.put(k, k));
        } else {
            CodeWalk.through(name, part -> {
                Code.Member told = subject[0] == null ? field(part) : null;
                if (told != null) {
                    subject[0] = ((Code.Name) told.on()).name();
                    named.putAll(kinds.toldApartBy(told.name()));
                }
                return true;
            });
        }
        if (subject[0] == null) {
            return null;
        }
        String before = !texts.isEmpty() ? plain(texts.get(0)) : field((Record) name) != null ? "" : null;
        Map<String, String> found = named(named, before);
        return found.isEmpty() ? null : new Lookup(on, subject[0], found, otherwise);
    }

    /** The name of what is asked for the name of its class; null where that is not asked. */
    private static @Nullable String asked(Record part) {
        if (!(part instanceof Code.Member m)
                || !m.name().equals("__name__") && !m.name().equals("name")) {
            return null;
        }
        if (m.on() instanceof Code.Call c
                && c.callee() instanceof Code.Name n
                && n.name().equals("type")
                && c.arguments().size() == 1
                && c.arguments().get(0).value() instanceof Code.Name of) {
            return of.name();
        }
        return m.on() instanceof Code.Member x
                        && Set.of("__class__", "constructor").contains(x.name())
                        && x.on() instanceof Code.Name of
                ? of.name()
                : null;
    }

    /**
     * The classes by the operations that are called after them.
     *
     * @param names of classes, or texts that stand for them
     * @param before what stands before the class's name; null where that is not known: then what most have in common
     */
    private Map<String, String> named(Map<String, String> names, @Nullable String before) {
        Map<String, Map<String, String>> byBeginning = new LinkedHashMap<>();
        for (String operation : kinds.operations().keySet()) {
            for (Map.Entry<String, String> named : names.entrySet()) {
                String whole = plain(operation);
                String end = plain(named.getKey());
                if (whole.endsWith(end) && (whole.length() > end.length() || "".equals(before))) {
                    byBeginning
                            .computeIfAbsent(
                                    whole.substring(0, whole.length() - end.length()), k -> new LinkedHashMap<>())
                            .put(operation, named.getValue());
                }
            }
        }
        if (before != null) {
            return byBeginning.getOrDefault(before, Map.of());
        }
        return byBeginning.values().stream()
                .filter(k -> k.size() > 1)
                .reduce((a, b) -> b.size() > a.size() ? b : a)
                .orElse(Map.of());
    }

    private static String plain(String name) {
        return name.replace("_", "").toLowerCase(Locale.ROOT);
    }

    /** What is called for one kind takes that kind. */
    Code.Module declared(Code.Module m) {
        return taken.isEmpty() ? m : new Code.Module(m.path(), m.name(), declaredIn(m.body()), m.span());
    }

    private <T> T declaredIn(T code) {
        return CodeWalk.replaced(code, part -> part instanceof Code.ClassDefinition c ? declared(c) : null);
    }

    private Code.ClassDefinition declared(Code.ClassDefinition c) {
        List<Statement> body = new ArrayList<>();
        for (Statement s : c.body()) {
            Statement inside = declaredIn(s);
            body.add(inside instanceof Code.Function f && taken.containsKey(f.name()) ? declared(f) : inside);
        }
        return new Code.ClassDefinition(c.name(), c.decorators(), c.bases(), c.options(), List.copyOf(body), c.span());
    }

    private Code.Function declared(Code.Function f) {
        List<Code.Parameter> parameters = new ArrayList<>(f.parameters());
        taken.get(f.name()).forEach((at, k) -> {
            int i = at + 1;
            if (i < parameters.size() && parameters.get(i).declared() == null) {
                Code.Parameter p = parameters.get(i);
                parameters.set(i, new Code.Parameter(p.name(), kinds.kind(k, f.span()), p.initial(), p.kind()));
            }
        });
        return new Code.Function(f.name(), f.decorators(), List.copyOf(parameters), f.result(), f.body(), f.span());
    }
}
