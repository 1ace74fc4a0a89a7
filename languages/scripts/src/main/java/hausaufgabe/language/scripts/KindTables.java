package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Says out loud what a program leaves to its runtime: which operation is called where its name is put together with that of an
 * object's class, and which function where several are registered for one class each. Both become a choice among the kinds,
 * whose types are names that begin with {@link Code#KIND}.
 */
final class KindTables {

    private static final String GENERIC = "singledispatch";
    private static final String GENERIC_METHOD = "singledispatchmethod";
    private static final String REGISTER = "register";
    private static final String OTHERWISE = "otherwise";

    private final Map<String, String> classes = new LinkedHashMap<>();
    private final Map<String, List<Expression>> bases = new HashMap<>();
    private final Map<String, Set<String>> operations = new HashMap<>();
    private final Map<String, Map<Integer, String>> taken = new HashMap<>();
    private final List<Generic> all = new ArrayList<>();
    private final Map<String, String> shared = new LinkedHashMap<>();
    private final List<Set<String>> families = new ArrayList<>();
    private final List<Set<String>> aliases = new ArrayList<>();

    private KindTables(List<Code.Module> modules) {
        for (Code.Module m : modules) {
            for (Statement s : m.body()) {
                if (s instanceof Code.ClassDefinition c) {
                    classes.putIfAbsent(c.name(), m.name() + "." + c.name());
                    bases.putIfAbsent(c.name(), c.bases());
                    for (Statement o : c.body()) {
                        if (o instanceof Code.Function f) {
                            operations
                                    .computeIfAbsent(f.name(), k -> new LinkedHashSet<>())
                                    .add(c.name());
                        }
                    }
                }
            }
        }
    }

    /** The same files, or others where something was to be said. */
    static List<Code.Module> saidOutLoud(List<Code.Module> modules) {
        KindTables tables = new KindTables(modules);
        for (Code.Module m : modules) {
            tables.all.addAll(tables.generics(m.body(), GENERIC).values());
            for (Statement s : m.body()) {
                if (s instanceof Code.ClassDefinition c) {
                    tables.all.addAll(tables.generics(c.body(), GENERIC_METHOD).values());
                }
            }
        }
        List<Code.Module> all = modules.stream().map(tables::said).toList();
        if (!tables.taken.isEmpty()) {
            all = all.stream().map(tables::declared).toList();
        }
        return tables.families.isEmpty() ? all : tables.united(all);
    }

    private Code.Module said(Code.Module m) {
        List<Statement> body = new ArrayList<>();
        Map<String, Generic> generics = generics(m.body(), GENERIC);
        for (Statement s : m.body()) {
            Generic generic = s instanceof Code.Function f ? owner(f, generics) : null;
            if (s instanceof Code.ClassDefinition c) {
                body.add(said(c, m, body));
            } else if (generic == null) {
                Statement union = s instanceof Code.Assign a ? union(a) : null;
                body.add(
                        union != null
                                ? union
                                : s instanceof Code.Function f ? byName(f, null).function() : s);
            } else if (generic.function() == s) {
                String name = "kinds:" + generic.function().name();
                body.add(asClass(generic, name, m, body));
                Span span = s.span();
                body.add(new Code.Assign(
                        new Code.Name(generic.function().name(), span),
                        new Code.Call(new Code.Name(name, span), List.of(), span),
                        null,
                        false,
                        span));
            }
        }
        return new Code.Module(m.path(), m.name(), List.copyOf(body), m.span());
    }

    // what is called is put together of a text and the name of a class

    /** @param missing the operations that are asked of the object itself and only classes below have */
    private record ByName(Code.Function function, Map<String, Code.Function> missing) {}

    /** @param on what has the operations; {@code kinds} class by operation; {@code otherwise} null for none */
    private record Lookup(
            Expression on,
            String subject,
            Map<String, String> kinds,
            @Nullable Expression otherwise) {}

    private Code.ClassDefinition said(Code.ClassDefinition c, Code.Module m, List<Statement> before) {
        List<Statement> body = new ArrayList<>();
        List<Expression> above = new ArrayList<>(c.bases());
        Map<String, Generic> generics = generics(c.body(), GENERIC_METHOD);
        Map<String, Code.Function> missing = new LinkedHashMap<>();
        for (Statement s : c.body()) {
            Generic generic = s instanceof Code.Function f ? owner(f, generics) : null;
            if (generic == null && s instanceof Code.Function f) {
                ByName said = byName(f, c);
                body.add(said.function());
                missing.putAll(said.missing());
            } else if (generic == null) {
                body.add(s);
            } else if (generic.function() == s) {
                body.addAll(members(generic, true));
                above.add(shape(generic, generic.function().name(), true, m, before));
            }
        }
        body.addAll(missing.values());
        return new Code.ClassDefinition(
                c.name(), c.decorators(), List.copyOf(above), c.options(), List.copyOf(body), c.span());
    }

    private ByName byName(Code.Function f, Code.@Nullable ClassDefinition inside) {
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
                    List.of(kind(e.getValue(), span)),
                    List.of(),
                    false,
                    List.of(with(done, call, named)),
                    span));
            if (at < call.arguments().size()) {
                taken.computeIfAbsent(e.getKey(), k -> new HashMap<>()).put(at, e.getValue());
            }
            if (ofItself && !operations.getOrDefault(e.getKey(), Set.of()).contains(inside.name())) {
                List<Code.Parameter> parameters =
                        new ArrayList<>(List.of(around.parameters().get(0)));
                for (int i = 0; i < call.arguments().size(); i++) {
                    Expression type = i == at ? kind(e.getValue(), span) : null;
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
            return promised(name, parameters, span);
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
        if (subject[0] == null) {
            return null;
        }
        Map<String, String> kinds = named(texts.isEmpty() ? null : plain(texts.get(0)));
        return kinds.isEmpty() ? null : new Lookup(on, subject[0], kinds, otherwise);
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
     * @param before what stands before the class's name; null where that is not known: then what most have in common
     */
    private Map<String, String> named(@Nullable String before) {
        Map<String, Map<String, String>> byBeginning = new LinkedHashMap<>();
        for (String operation : operations.keySet()) {
            for (String c : classes.keySet()) {
                String whole = plain(operation);
                String end = plain(c);
                if (whole.endsWith(end) && whole.length() > end.length()) {
                    byBeginning
                            .computeIfAbsent(
                                    whole.substring(0, whole.length() - end.length()), k -> new LinkedHashMap<>())
                            .put(operation, c);
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
        return name.replace("_", "").toLowerCase(java.util.Locale.ROOT);
    }

    // several functions, each registered for a class

    /**
     * @param operation by which it is asked
     * @param kinds what is done by the class that it is done for
     */
    private record Generic(Code.Function function, String operation, Map<String, Code.Function> kinds) {}

    private Map<String, Generic> generics(List<Statement> body, String mark) {
        Map<String, Generic> found = new LinkedHashMap<>();
        int self = mark.equals(GENERIC_METHOD) ? 1 : 0;
        for (Statement s : body) {
            if (s instanceof Code.Function f) {
                boolean generic = f.decorators().stream()
                        .anyMatch(d -> Program.lastName(d).equals(mark));
                if (generic && f.parameters().size() > self) {
                    String operation = self == 0 ? Flow.CALL : f.name();
                    found.put(f.name(), new Generic(f, operation, new LinkedHashMap<>()));
                }
                Optional<Generic> of = registeredWith(f).map(found::get);
                of.ifPresent(g -> kindsOf(f, self).forEach(k -> g.kinds().put(k, f)));
            }
        }
        found.values().removeIf(g -> g.kinds().isEmpty());
        found.values().forEach(g -> inherited(g.kinds()));
        return found;
    }

    /** What is done for a class is done for those below it, where nothing else is. */
    private void inherited(Map<String, Code.Function> kinds) {
        for (String c : classes.keySet()) {
            for (String above = above(c); above != null && !kinds.containsKey(c); above = above(above)) {
                if (kinds.containsKey(above)) {
                    kinds.put(c, kinds.get(above));
                }
            }
        }
    }

    /** The first class of the program that a class extends; null for none. */
    private @Nullable String above(String c) {
        return bases.getOrDefault(c, List.of()).stream()
                .map(Program::lastName)
                .filter(b -> classes.containsKey(b) && !b.equals(c))
                .findFirst()
                .orElse(null);
    }

    private @Nullable Generic owner(Code.Function f, Map<String, Generic> generics) {
        Generic own = generics.get(f.name());
        if (own != null && own.function() == f) {
            return own;
        }
        return registeredWith(f).map(generics::get).orElse(null);
    }

    private static Optional<String> registeredWith(Code.Function f) {
        return f.decorators().stream()
                .map(d -> d instanceof Code.Call c ? c.callee() : d)
                .filter(d -> d instanceof Code.Member m && m.name().equals(REGISTER) && m.on() instanceof Code.Name)
                .map(d -> ((Code.Name) ((Code.Member) d).on()).name())
                .findFirst();
    }

    /** The program's classes that a function is registered for: those that it says, else those that its parameter declares. */
    private List<String> kindsOf(Code.Function f, int self) {
        List<Expression> said = f.decorators().stream()
                .filter(d -> d instanceof Code.Call)
                .flatMap(d -> ((Code.Call) d).arguments().stream())
                .map(Code.Argument::value)
                .toList();
        if (said.isEmpty()
                && f.parameters().size() > self
                && f.parameters().get(self).declared() != null) {
            said = List.of(f.parameters().get(self).declared());
        }
        List<String> kinds = new ArrayList<>();
        CodeWalk.through(said, part -> {
            if (part instanceof Code.Name n && classes.containsKey(n.name())) {
                kinds.add(n.name());
            }
            return true;
        });
        return kinds;
    }

    /** A name for several classes that have nothing else in common: they are all there are of it. Null where it is none. */
    private @Nullable Statement union(Code.Assign a) {
        List<String> kinds = new ArrayList<>();
        boolean only = a.target() instanceof Code.Name && a.value() != null && united(a.value(), kinds);
        if (!only || kinds.size() < 2 || areRelated(new LinkedHashSet<>(kinds))) {
            return null;
        }
        aliases.add(Set.copyOf(kinds));
        return united(((Code.Name) a.target()).name(), kinds, a.span());
    }

    private boolean united(Expression e, List<String> into) {
        if (e instanceof Code.Operation o && o.operator().equals("|")) {
            return o.operands().stream().allMatch(x -> united(x, into));
        }
        if (e instanceof Code.Element x && Program.lastName(x.container()).equals("Union") && x.index() != null) {
            return united(x.index(), into);
        }
        if (e instanceof Code.Display d) {
            return d.items().stream().allMatch(x -> united(x, into));
        }
        boolean known = e instanceof Code.Name n && classes.containsKey(n.name());
        if (known) {
            into.add(((Code.Name) e).name());
        }
        return known;
    }

    private Code.ClassDefinition united(String name, Iterable<String> kinds, Span span) {
        List<Code.Argument> options = new ArrayList<>();
        kinds.forEach(k -> options.add(new Code.Argument(null, kind(k, span), false)));
        return new Code.ClassDefinition(
                name, List.of(new Code.Name(Code.UNION, span)), List.of(), List.copyOf(options), List.of(), span);
    }

    /** Whether all extend one class of the program. */
    private boolean areRelated(Set<String> family) {
        return bases.getOrDefault(family.iterator().next(), List.of()).stream()
                .map(Program::lastName)
                .anyMatch(b -> classes.containsKey(b)
                        && family.stream()
                                .allMatch(k -> bases.getOrDefault(k, List.of()).stream()
                                        .anyMatch(x -> Program.lastName(x).equals(b))));
    }

    /** A function that chooses is an object that is called, since it keeps what was registered. */
    private Code.ClassDefinition asClass(Generic g, String name, Code.Module m, List<Statement> before) {
        Span span = g.function().span();
        return new Code.ClassDefinition(
                name,
                List.of(new Code.Name(Code.SHOWN + g.function().name(), span)),
                List.of(shape(g, Flow.CALL, false, m, before)),
                List.of(),
                members(g, false),
                span);
    }

    /** What is done for each kind, and for all others. */
    private List<Statement> members(Generic g, boolean ofClass) {
        Code.Function f = g.function();
        List<Statement> all = new ArrayList<>();
        g.kinds().forEach((k, done) -> {
            Span at = done.span();
            List<Code.Parameter> takes = taking(withSelf(done.parameters(), ofClass), k, at);
            all.add(new Code.Function(k, List.of(), takes, done.result(), done.body(), at));
        });
        // that it may refuse all others does not mean that somebody else has to do it
        List<Statement> otherwise = new ArrayList<>(f.body());
        otherwise.add(new Code.Nothing(f.span()));
        all.add(new Code.Function(
                OTHERWISE, List.of(), withSelf(f.parameters(), ofClass), f.result(), otherwise, f.span()));
        return all;
    }

    /** The operation that chooses, which is the same for all of a family. */
    private Code.Function choosing(Generic g, String operation, Set<String> kinds, List<Code.Parameter> parameters) {
        Span span = g.function().span();
        List<Code.Argument> handed = parameters.stream()
                .skip(1)
                .map(p -> new Code.Argument(null, new Code.Name(p.name(), span), false))
                .toList();
        List<Code.Case> cases = new ArrayList<>();
        for (String k : kinds) {
            cases.add(new Code.Case(
                    List.of(),
                    List.of(kind(k, span)),
                    List.of(),
                    false,
                    List.of(asked(parameters, k, handed, span)),
                    span));
        }
        cases.add(new Code.Case(
                List.of(), List.of(), List.of(), true, List.of(asked(parameters, OTHERWISE, List.of(), span)), span));
        Statement choice = new Code.Match(new Code.Name(parameters.get(1).name(), span), cases, span);
        return new Code.Function(operation, List.of(), parameters, g.function().result(), List.of(choice), span);
    }

    private static Statement asked(
            List<Code.Parameter> parameters, String operation, List<Code.Argument> handed, Span span) {
        Expression on = new Code.Name(parameters.get(0).name(), span);
        return new Code.Return(new Code.Call(new Code.Member(on, operation, span), handed, span), span);
    }

    /** The parameters, of which the first after the object takes one kind. */
    private List<Code.Parameter> taking(List<Code.Parameter> parameters, String kind, Span span) {
        List<Code.Parameter> own = new ArrayList<>(parameters);
        own.set(1, new Code.Parameter(own.get(1).name(), kind(kind, span), null, Code.Parameter.Kind.USUAL));
        return List.copyOf(own);
    }

    private static List<Code.Parameter> withSelf(List<Code.Parameter> parameters, boolean hasSelf) {
        return hasSelf
                ? parameters
                : Stream.concat(
                                Stream.of(new Code.Parameter("self", null, null, Code.Parameter.Kind.USUAL)),
                                parameters.stream())
                        .toList();
    }

    /** What all have in common that choose among these kinds; nobody wrote it down. What one forgets is not common to all. */
    private Expression shape(Generic g, String operation, boolean ofClass, Code.Module m, List<Statement> into) {
        Span span = g.function().span();
        Set<String> kinds = new LinkedHashSet<>(g.kinds().keySet());
        List<Generic> family = all.stream()
                .filter(x -> x.operation().equals(operation))
                .filter(x -> x.kinds().keySet().stream().anyMatch(g.kinds()::containsKey))
                .toList();
        family.forEach(x -> kinds.retainAll(x.kinds().keySet()));
        String key = operation + new TreeSet<>(kinds);
        String id = shared.get(key);
        if (id == null) {
            String name = "kinds:" + shared.size();
            id = m.name() + "." + name;
            shared.put(key, id);
            Set<String> whole = new LinkedHashSet<>();
            family.forEach(x -> whole.addAll(x.kinds().keySet()));
            families.add(whole);
            List<Statement> body = new ArrayList<>();
            List<Code.Parameter> takes = withSelf(g.function().parameters(), ofClass);
            body.add(choosing(g, operation, kinds, takes));
            body.add(promised(OTHERWISE, takes, span));
            kinds.forEach(k -> body.add(promised(k, taking(takes, k, span), span)));
            into.add(new Code.ClassDefinition(
                    name,
                    List.of(
                            new Code.Name(Code.SHOWN + (ofClass ? GENERIC_METHOD : GENERIC), span),
                            new Code.Name(Code.PROMISE, span)),
                    List.of(),
                    List.of(),
                    body,
                    span));
        }
        return new Code.Name(Code.KIND + id, span);
    }

    private static Code.Function promised(String name, List<Code.Parameter> parameters, Span span) {
        return new Code.Function(
                name,
                List.of(new Code.Name(Code.PROMISE, span)),
                List.copyOf(parameters),
                null,
                List.of(new Code.Nothing(span)),
                span);
    }

    private Code.Name kind(String name, Span span) {
        return new Code.Name(Code.KIND + classes.getOrDefault(name, name), span);
    }

    // what is taken, and what the kinds have in common

    /** What is called for one kind takes that kind. */
    private Code.Module declared(Code.Module m) {
        List<Statement> body = new ArrayList<>();
        for (Statement s : m.body()) {
            body.add(s instanceof Code.ClassDefinition c ? declared(c) : s);
        }
        return new Code.Module(m.path(), m.name(), List.copyOf(body), m.span());
    }

    private Code.ClassDefinition declared(Code.ClassDefinition c) {
        List<Statement> body = new ArrayList<>();
        for (Statement s : c.body()) {
            body.add(s instanceof Code.Function f && taken.containsKey(f.name()) ? declared(f) : s);
        }
        return new Code.ClassDefinition(c.name(), c.decorators(), c.bases(), c.options(), List.copyOf(body), c.span());
    }

    private Code.Function declared(Code.Function f) {
        List<Code.Parameter> parameters = new ArrayList<>(f.parameters());
        taken.get(f.name()).forEach((at, k) -> {
            int i = at + 1;
            if (i < parameters.size() && parameters.get(i).declared() == null) {
                Code.Parameter p = parameters.get(i);
                parameters.set(i, new Code.Parameter(p.name(), kind(k, f.span()), p.initial(), p.kind()));
            }
        });
        return new Code.Function(f.name(), f.decorators(), List.copyOf(parameters), f.result(), f.body(), f.span());
    }

    /** Kinds that extend nothing together, and can be asked nothing together, are those that somebody registered something for. */
    private List<Code.Module> united(List<Code.Module> all) {
        List<Code.Module> result = new ArrayList<>(all);
        for (Set<String> family : families) {
            boolean related = areRelated(family) || aliases.stream().anyMatch(a -> a.containsAll(family));
            boolean alike = operations.entrySet().stream()
                    .anyMatch(e -> !e.getKey().startsWith("__") && e.getValue().containsAll(family));
            if (!related && !alike) {
                unite(family, result);
            }
        }
        return result;
    }

    private void unite(Set<String> family, List<Code.Module> all) {
        String home = classes.get(family.iterator().next());
        for (int i = 0; i < all.size(); i++) {
            Code.Module m = all.get(i);
            if (home.startsWith(m.name() + ".")
                    && home.lastIndexOf('.') == m.name().length()) {
                List<Statement> body = new ArrayList<>(m.body());
                body.add(united(String.join(" | ", family), family, m.span()));
                all.set(i, new Code.Module(m.path(), m.name(), List.copyOf(body), m.span()));
                return;
            }
        }
    }
}
