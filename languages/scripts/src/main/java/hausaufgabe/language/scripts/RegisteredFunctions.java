package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import java.util.ArrayList;
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
 * Functions that are registered for one class each, under one name: they become an object with an operation for each class and
 * one that chooses among these.
 */
final class RegisteredFunctions {

    static final String GENERIC = "singledispatch";
    static final String GENERIC_METHOD = "singledispatchmethod";
    private static final String REGISTER = "register";
    private static final String OTHERWISE = "otherwise";

    private final Kinds kinds;
    private final List<Generic> registered = new ArrayList<>();
    private final Map<String, String> shared = new LinkedHashMap<>();
    private final List<Set<String>> families = new ArrayList<>();

    RegisteredFunctions(Kinds kinds, List<Code.Module> modules) {
        this.kinds = kinds;
        for (Code.Module m : modules) {
            registered.addAll(generics(m.body(), GENERIC).values());
            for (Statement s : m.body()) {
                if (s instanceof Code.ClassDefinition c) {
                    registered.addAll(generics(c.body(), GENERIC_METHOD).values());
                }
            }
        }
    }

    /** The kinds among which those choose that were written out so far, set by set. */
    List<Set<String>> families() {
        return families;
    }

    /**
     * @param operation by which it is asked
     * @param kinds what is done by the class that it is done for
     */
    record Generic(Code.Function function, String operation, Map<String, Code.Function> kinds) {}

    /** What is registered for with several functions in a module's, or class's, body, by its name. */
    Map<String, Generic> generics(List<Statement> body, String mark) {
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
    private void inherited(Map<String, Code.Function> done) {
        for (String c : kinds.names()) {
            for (String above = kinds.above(c); above != null && !done.containsKey(c); above = kinds.above(above)) {
                if (done.containsKey(above)) {
                    done.put(c, done.get(above));
                }
            }
        }
    }

    /** What a function belongs to: as the one that is asked, or as one that is registered; null for neither. */
    @Nullable
    Generic owner(Code.Function f, Map<String, Generic> generics) {
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
        List<String> found = new ArrayList<>();
        CodeWalk.through(said, part -> {
            if (part instanceof Code.Name n && kinds.isKind(n.name())) {
                found.add(n.name());
            }
            return true;
        });
        return found;
    }

    /** A function that chooses is an object that is called, since it keeps what was registered. */
    Code.ClassDefinition asClass(Generic g, String name, Code.Module m, List<Statement> before) {
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
    List<Statement> members(Generic g, boolean ofClass) {
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
    private Code.Function choosing(Generic g, String operation, Set<String> common, List<Code.Parameter> parameters) {
        Span span = g.function().span();
        List<Code.Argument> handed = parameters.stream()
                .skip(1)
                .map(p -> new Code.Argument(null, new Code.Name(p.name(), span), false))
                .toList();
        List<Code.Case> cases = new ArrayList<>();
        for (String k : common) {
            cases.add(new Code.Case(
                    List.of(),
                    List.of(kinds.kind(k, span)),
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
        own.set(1, new Code.Parameter(own.get(1).name(), kinds.kind(kind, span), null, Code.Parameter.Kind.USUAL));
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
    Expression shape(Generic g, String operation, boolean ofClass, Code.Module m, List<Statement> into) {
        Span span = g.function().span();
        Set<String> common = new LinkedHashSet<>(g.kinds().keySet());
        List<Generic> family = registered.stream()
                .filter(x -> x.operation().equals(operation))
                .filter(x -> x.kinds().keySet().stream().anyMatch(g.kinds()::containsKey))
                .toList();
        family.forEach(x -> common.retainAll(x.kinds().keySet()));
        String key = operation + new TreeSet<>(common);
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
            body.add(choosing(g, operation, common, takes));
            body.add(Kinds.promised(OTHERWISE, takes, span));
            common.forEach(k -> body.add(Kinds.promised(k, taking(takes, k, span), span)));
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
}
