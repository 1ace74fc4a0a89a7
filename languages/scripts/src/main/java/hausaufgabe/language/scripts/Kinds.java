package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The classes of a program by their names, which whatever is found by a kind is found by. */
final class Kinds {

    private final Map<String, String> ids = new LinkedHashMap<>();
    private final Map<String, List<Expression>> bases = new HashMap<>();
    private final Map<String, Set<String>> operations = new LinkedHashMap<>();
    private final Map<String, Map<String, String>> byValue = new HashMap<>();

    Kinds(List<Code.Module> modules) {
        for (Code.Module m : modules) {
            for (Statement s : m.body()) {
                if (s instanceof Code.ClassDefinition c) {
                    ids.putIfAbsent(c.name(), m.name() + "." + c.name());
                    bases.putIfAbsent(c.name(), c.bases());
                    look(c);
                }
            }
            CodeWalk.through(m.body(), part -> {
                if (part instanceof Code.Made made) {
                    look(made.type());
                }
                return true;
            });
        }
    }

    private void look(Code.ClassDefinition c) {
        for (Statement s : c.body()) {
            if (s instanceof Code.Function f) {
                operations.computeIfAbsent(f.name(), k -> new LinkedHashSet<>()).add(c.name());
                f.body().forEach(x -> {
                    if (x instanceof Code.Assign a && a.target() instanceof Code.Member of && a.value() != null) {
                        value(of.name(), List.of(a.value()), c);
                    }
                });
            } else if (s instanceof Code.Field f) {
                value(f.name(), f.decorators(), c);
                value(f.name(), f.initial() == null ? List.of() : List.of(f.initial()), c);
            }
        }
    }

    /** Notes that a field holds a text in objects of a class. */
    private void value(String field, List<Expression> held, Code.ClassDefinition c) {
        for (Expression e : held) {
            if (e instanceof Code.Literal l && l.kind() == Code.Literal.Kind.TEXT && ids.containsKey(c.name())) {
                byValue.computeIfAbsent(field, k -> new LinkedHashMap<>()).put(l.text(), c.name());
            }
        }
    }

    /** The classes by the texts that a field holds in their objects; empty where it tells no two of them apart. */
    Map<String, String> toldApartBy(String field) {
        Map<String, String> all = byValue.getOrDefault(field, Map.of());
        return all.values().stream().distinct().count() > 1 ? all : Map.of();
    }

    /** The names of all classes. */
    Set<String> names() {
        return ids.keySet();
    }

    boolean isKind(String name) {
        return ids.containsKey(name);
    }

    /** The id of a class of this name. */
    String idOf(String name) {
        return ids.getOrDefault(name, name);
    }

    /** The classes that have an operation, by its name. */
    Map<String, Set<String>> operations() {
        return operations;
    }

    /** A class as a type that is found and not named. */
    Code.Name kind(String name, Span span) {
        return new Code.Name(Code.KIND + idOf(name), span);
    }

    /** The first class of the program that a class extends; null for none. */
    @Nullable
    String above(String c) {
        return bases.getOrDefault(c, List.of()).stream()
                .map(Program::lastName)
                .filter(b -> ids.containsKey(b) && !b.equals(c))
                .findFirst()
                .orElse(null);
    }

    /** Whether all extend one class of the program. */
    boolean areRelated(Set<String> family) {
        return bases.getOrDefault(family.iterator().next(), List.of()).stream()
                .map(Program::lastName)
                .anyMatch(b -> ids.containsKey(b)
                        && family.stream()
                                .allMatch(k -> bases.getOrDefault(k, List.of()).stream()
                                        .anyMatch(x -> Program.lastName(x).equals(b))));
    }

    /** An operation that nobody wrote down and that those below have. */
    static Code.Function promised(String name, List<Code.Parameter> parameters, Span span) {
        return new Code.Function(
                name,
                List.of(new Code.Name(Code.PROMISE, span)),
                List.copyOf(parameters),
                null,
                List.of(new Code.Nothing(span)),
                span);
    }
}
