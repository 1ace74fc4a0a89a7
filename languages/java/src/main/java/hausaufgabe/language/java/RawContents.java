package hausaufgabe.language.java;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What containers hold whose declaration does not say, such as {@code List parts} or {@code Object[] parts}: what their elements
 * are cast to where they are used, else what is put into them.
 */
final class RawContents {

    private static final String OBJECT = "java.lang.Object";

    private final Collection<Operation> operations;
    private final Design types;
    private final Map<String, Set<String>> casts = new LinkedHashMap<>();
    private final Map<String, Set<String>> puts = new LinkedHashMap<>();

    /** @param types the program as it was read, to be asked how types are related */
    RawContents(Design types, Collection<Operation> operations) {
        this.types = types;
        this.operations = operations;
    }

    static boolean isRaw(TypeRef declared) {
        return declared.many()
                && declared.contents().stream().allMatch(c -> c.type().equals(OBJECT));
    }

    /** The fields, those that hold something that can be told with its type. */
    List<Field> told(Collection<Field> fields) {
        for (Operation o : operations) {
            o.body().forEach(f -> note(f));
        }
        return fields.stream().map(f -> isRaw(f.type()) ? told(f) : f).toList();
    }

    private Field told(Field f) {
        Set<String> held = casts.getOrDefault(f.id(), puts.getOrDefault(f.id(), Set.of()));
        List<TypeRef> contents = new ArrayList<>();
        for (String id : held) {
            boolean covered = held.stream().anyMatch(other -> types.realises(id, other));
            if (!covered) {
                types.type(id).ifPresent(t -> contents.add(TypeRef.of(t.id(), t.name())));
            }
        }
        if (contents.isEmpty()) {
            return f;
        }
        TypeRef type = new TypeRef(
                f.type().type(), f.type().text(), contents, true, f.type().arguments());
        return new Field(
                f.id(), f.owner(), f.name(), type, f.isStatic(), f.isFinal(), f.isConstant(), f.visibility(), f.span());
    }

    private void note(Fact fact) {
        if (fact instanceof Fact.Branch b && b.on() == Fact.Question.TYPE && b.type() != null) {
            elementsOf(b.subject()).forEach(f -> add(casts, f, b.type()));
        } else if (fact instanceof Fact.Put p) {
            for (String field : fieldsOf(p.container())) {
                typesOf(p.value()).forEach(t -> add(puts, field, t));
            }
        }
    }

    private void add(Map<String, Set<String>> into, String field, String type) {
        if (types.type(type).isPresent()) {
            into.computeIfAbsent(field, k -> new LinkedHashSet<>()).add(type);
        }
    }

    private Set<String> elementsOf(Value value) {
        Set<String> found = new LinkedHashSet<>();
        if (value instanceof Value.ElementOf e) {
            found.addAll(fieldsOf(e.container()));
        } else if (value instanceof Value.OneOf many) {
            many.values().forEach(v -> found.addAll(elementsOf(v)));
        }
        return found;
    }

    private Set<String> fieldsOf(Value container) {
        Set<String> found = new LinkedHashSet<>();
        if (container instanceof Value.OfField f) {
            found.add(f.field());
        } else if (container instanceof Value.OneOf many) {
            many.values().forEach(v -> found.addAll(fieldsOf(v)));
        } else if (container instanceof Value.Derived d) {
            d.from().forEach(v -> found.addAll(fieldsOf(v)));
        } else if (container instanceof Value.Copy c) {
            c.from().forEach(v -> found.addAll(fieldsOf(v)));
        }
        return found;
    }

    private Set<String> typesOf(Value value) {
        Set<String> found = new LinkedHashSet<>();
        if (value instanceof Value.New n) {
            found.add(n.type());
        } else if (value instanceof Value.OfParameter p) {
            types.operation(p.operation())
                    .filter(o -> p.index() < o.parameters().size())
                    .ifPresent(
                            o -> o.parameters().get(p.index()).type().leaves().forEach(l -> found.add(l.type())));
        } else if (value instanceof Value.OneOf many) {
            many.values().forEach(v -> found.addAll(typesOf(v)));
        }
        return found;
    }
}
