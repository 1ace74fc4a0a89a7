package hausaufgabe.core.matching.judgement;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Who plays which role, and which operations and fields are which members. A name that is missing is bound to nothing. */
public record Binding(
        Map<String, List<Type>> roles, Map<String, List<Operation>> operations, Map<String, List<Field>> fields) {

    public static final Binding EMPTY = new Binding(Map.of(), Map.of(), Map.of());

    public List<Type> types(String role) {
        return roles.getOrDefault(role, List.of());
    }

    public List<Operation> operations(String member) {
        return operations.getOrDefault(member, List.of());
    }

    public List<Field> fields(String member) {
        return fields.getOrDefault(member, List.of());
    }

    /** The one type that plays the role, where there is just one. */
    public Optional<Type> type(String role) {
        return types(role).stream().findFirst();
    }

    public Optional<Field> field(String member) {
        return fields(member).stream().findFirst();
    }

    /** The same with just one type for some roles, and just one operation for some members. */
    public Binding narrowed(Map<String, Type> types, Map<String, Operation> members) {
        Binding narrow = this;
        for (Map.Entry<String, Type> t : types.entrySet()) {
            narrow = narrow.withRole(t.getKey(), List.of(t.getValue()));
        }
        for (Map.Entry<String, Operation> o : members.entrySet()) {
            narrow = narrow.withOperations(o.getKey(), List.of(o.getValue()));
        }
        return narrow;
    }

    /** The role a type plays; null where none. */
    public @Nullable String roleOf(Type type) {
        return roles.entrySet().stream()
                .filter(e -> e.getValue().contains(type))
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst()
                .orElse(null);
    }

    public Binding withRole(String role, List<Type> types) {
        return new Binding(plus(roles, role, types), operations, fields);
    }

    public Binding withOperations(String member, List<Operation> found) {
        return new Binding(roles, plus(operations, member, found), fields);
    }

    public Binding withFields(String member, List<Field> found) {
        return new Binding(roles, operations, plus(fields, member, found));
    }

    private static <T> Map<String, List<T>> plus(Map<String, List<T>> map, String key, List<T> value) {
        Map<String, List<T>> next = new HashMap<>(map);
        next.put(key, value);
        return next;
    }
}
