package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Says out loud what a program leaves to its runtime: which operation is called where its name is put together with that of an
 * object's class, and which function where several are registered for one class each. Both become a choice among the kinds,
 * whose types are names that begin with {@link Code#KIND}. A name for several classes is a union.
 */
final class KindTables {

    private final Kinds kinds;
    private final NamedOperations named;
    private final RegisteredFunctions registered;
    private final List<Set<String>> aliases = new ArrayList<>();
    /** Whether the module that is gone through asks for names of classes anywhere. */
    private boolean looksUp;

    private KindTables(List<Code.Module> modules) {
        this.kinds = new Kinds(modules);
        this.named = new NamedOperations(kinds);
        this.registered = new RegisteredFunctions(kinds, modules);
    }

    /** The same files, or others where something was to be said. */
    static List<Code.Module> saidOutLoud(List<Code.Module> modules) {
        KindTables tables = new KindTables(modules);
        List<Code.Module> all = modules.stream().map(tables::said).toList();
        return tables.united(all.stream().map(tables.named::declared).toList());
    }

    private Code.Module said(Code.Module m) {
        looksUp = named.areIn(m);
        List<Statement> body = new ArrayList<>();
        Map<String, RegisteredFunctions.Generic> generics = registered.generics(m.body(), RegisteredFunctions.GENERIC);
        for (Statement s : m.body()) {
            RegisteredFunctions.Generic generic = s instanceof Code.Function f ? registered.owner(f, generics) : null;
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
                body.add(registered.asClass(generic, name, m, body));
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

    private Code.ClassDefinition said(Code.ClassDefinition c, Code.Module m, List<Statement> before) {
        List<Statement> body = new ArrayList<>();
        List<Expression> above = new ArrayList<>(c.bases());
        Map<String, RegisteredFunctions.Generic> generics =
                registered.generics(c.body(), RegisteredFunctions.GENERIC_METHOD);
        Map<String, Code.Function> missing = new LinkedHashMap<>();
        for (Statement s : c.body()) {
            RegisteredFunctions.Generic generic = s instanceof Code.Function f ? registered.owner(f, generics) : null;
            if (generic == null && s instanceof Code.Function f) {
                NamedOperations.ByName said = byName(f, c);
                body.add(said.function());
                missing.putAll(said.missing());
            } else if (generic == null) {
                body.add(s);
            } else if (generic.function() == s) {
                body.addAll(registered.members(generic, true));
                above.add(registered.shape(generic, generic.function().name(), true, m, before));
            }
        }
        body.addAll(missing.values());
        return new Code.ClassDefinition(
                c.name(), c.decorators(), List.copyOf(above), c.options(), List.copyOf(body), c.span());
    }

    /** A name for several classes that have nothing else in common: they are all there are of it. Null where it is none. */
    private @Nullable Statement union(Code.Assign a) {
        List<String> all = new ArrayList<>();
        boolean only = a.target() instanceof Code.Name && a.value() != null && united(a.value(), all);
        if (!only || all.size() < 2 || kinds.areRelated(new LinkedHashSet<>(all))) {
            return null;
        }
        aliases.add(Set.copyOf(all));
        return united(((Code.Name) a.target()).name(), all, a.span());
    }

    private boolean united(Expression e, List<String> into) {
        if (e instanceof Code.Operation o && o.operator().equals("|")) {
            return o.operands().stream().allMatch(x -> united(x, into));
        }
        if (e instanceof Code.Element x && Program.lastName(x.container()).equals("Union") && x.index() != null) {
            List<Expression> all = x.index() instanceof Code.Display d ? d.items() : List.of(x.index());
            return all.stream().allMatch(k -> united(k, into));
        }
        boolean known = e instanceof Code.Name n && kinds.isKind(n.name());
        if (known) {
            into.add(((Code.Name) e).name());
        }
        return known;
    }

    private Code.ClassDefinition united(String name, Iterable<String> all, Span span) {
        List<Code.Argument> options = new ArrayList<>();
        all.forEach(k -> options.add(new Code.Argument(null, kinds.kind(k, span), false)));
        return new Code.ClassDefinition(
                name, List.of(new Code.Name(Code.UNION, span)), List.of(), List.copyOf(options), List.of(), span);
    }

    /** Kinds that extend nothing together, and can be asked nothing together, are those that somebody registered something for. */
    private List<Code.Module> united(List<Code.Module> all) {
        List<Code.Module> result = new ArrayList<>(all);
        Set<Set<String>> families = new LinkedHashSet<>(registered.families());
        families.addAll(named.families());
        for (Set<String> family : families) {
            boolean related = kinds.areRelated(family) || aliases.stream().anyMatch(a -> a.containsAll(family));
            boolean alike = kinds.operations().entrySet().stream()
                    .anyMatch(e -> !isOfAll(e.getKey()) && e.getValue().containsAll(family));
            if (!related && !alike) {
                unite(family, result);
            }
        }
        return result;
    }

    /** Whether any class may have an operation of the name, whatever it is. */
    private static boolean isOfAll(String operation) {
        return operation.startsWith("__") || operation.equals("constructor");
    }

    private void unite(Set<String> family, List<Code.Module> all) {
        String home = kinds.idOf(family.iterator().next());
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

    private NamedOperations.ByName byName(Code.Function f, Code.@Nullable ClassDefinition inside) {
        return looksUp ? named.byName(f, inside) : new NamedOperations.ByName(f, Map.of());
    }
}
