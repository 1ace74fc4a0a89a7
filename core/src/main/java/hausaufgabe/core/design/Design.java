package hausaufgabe.core.design;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A whole program as facts, asked in the words of the notation. Immutable. Every list is in the order of the sources,
 * files by name, so that equal sources give equal answers.
 */
public final class Design {

    private final Map<String, Type> types = new LinkedHashMap<>();
    private final Map<String, Field> fields = new LinkedHashMap<>();
    private final Map<String, Operation> operations = new LinkedHashMap<>();
    private final Map<String, List<Field>> fieldsByOwner = new LinkedHashMap<>();
    private final Map<String, List<Operation>> operationsByOwner = new LinkedHashMap<>();
    private final Map<String, Set<String>> ancestors = new LinkedHashMap<>();
    private final Map<String, List<Type>> realisations = new LinkedHashMap<>();
    private final Map<String, List<Operation>> overriders = new LinkedHashMap<>();
    private final Map<String, Integer> places = new LinkedHashMap<>();
    private final Map<String, List<Type>> nested = new LinkedHashMap<>();
    private final Map<String, List<Operation>> methods = new ConcurrentHashMap<>();
    private final Unresolved unresolved;
    private final Keepers keepers = new Keepers(this);
    private final Bodies bodies;
    private volatile @Nullable MentionGraph mentions;

    public Design(Collection<Type> types, Collection<Field> fields, Collection<Operation> operations) {
        types.forEach(t -> this.types.putIfAbsent(t.id(), t));
        this.types.keySet().forEach(id -> places.put(id, places.size()));
        this.types.values().stream()
                .filter(t -> t.enclosing() != null)
                .forEach(t -> nested.computeIfAbsent(t.enclosing(), k -> new ArrayList<>())
                        .add(t));
        for (Field f : fields) {
            if (this.fields.putIfAbsent(f.id(), f) == null) {
                fieldsByOwner.computeIfAbsent(f.owner(), k -> new ArrayList<>()).add(f);
            }
        }
        for (Operation o : operations) {
            if (this.operations.putIfAbsent(o.id(), o) == null) {
                operationsByOwner
                        .computeIfAbsent(o.owner(), k -> new ArrayList<>())
                        .add(o);
                o.overrides()
                        .forEach(over -> overriders
                                .computeIfAbsent(over, k -> new ArrayList<>())
                                .add(o));
            }
        }
        for (Type t : this.types.values()) {
            Set<String> above = closeOver(t);
            ancestors.put(t.id(), above);
            above.forEach(
                    a -> realisations.computeIfAbsent(a, k -> new ArrayList<>()).add(t));
        }
        close(fieldsByOwner);
        close(operationsByOwner);
        close(realisations);
        close(overriders);
        close(nested);
        this.unresolved = new Unresolved(this, this.fields.values(), this.operations.values());
        this.bodies = new Bodies(this);
    }

    /** From here on the lists can be given out. */
    private static <T> void close(Map<String, List<T>> lists) {
        lists.replaceAll((key, list) -> List.copyOf(list));
    }

    private Set<String> closeOver(Type start) {
        Set<String> seen = new LinkedHashSet<>();
        ArrayDeque<Type> open = new ArrayDeque<>(List.of(start));
        while (!open.isEmpty()) {
            for (TypeRef up : open.poll().supertypes()) {
                if (seen.add(up.type())) {
                    type(up.type()).ifPresent(open::add);
                }
            }
        }
        seen.remove(start.id());
        return seen;
    }

    public Collection<Type> types() {
        return Collections.unmodifiableCollection(types.values());
    }

    /** A type's place in the order of {@link #types()}, from 0. */
    public int place(Type type) {
        return places.getOrDefault(type.id(), Integer.MAX_VALUE);
    }

    public Optional<Type> type(@Nullable String id) {
        return Optional.ofNullable(types.get(id));
    }

    /** The types that a person calls so, by what the program calls them or in full; none where nobody does. */
    public List<Type> typesNamed(String name) {
        return types.values().stream()
                .filter(t -> t.name().equals(name) || t.id().equals(name))
                .toList();
    }

    public Optional<Field> field(String id) {
        return Optional.ofNullable(fields.get(id));
    }

    public Optional<Operation> operation(@Nullable String id) {
        return Optional.ofNullable(operations.get(id));
    }

    public Collection<Operation> operations() {
        return Collections.unmodifiableCollection(operations.values());
    }

    /** The fields a type declares itself. */
    public List<Field> fieldsOf(Type type) {
        return fieldsByOwner.getOrDefault(type.id(), List.of());
    }

    /** The operations a type declares itself, constructors and initialisers among them. */
    public List<Operation> operationsOf(Type type) {
        return operationsByOwner.getOrDefault(type.id(), List.of());
    }

    /** The type itself, then its supertypes, near ones first, as far as the design holds them. */
    public List<Type> lineOf(Type type) {
        List<Type> line = new ArrayList<>(List.of(type));
        ancestors.getOrDefault(type.id(), Set.of()).forEach(a -> type(a).ifPresent(line::add));
        return line;
    }

    /** The type itself and every type declared inside it, at any depth. */
    public List<Type> nestedIn(Type type) {
        List<Type> found = new ArrayList<>(List.of(type));
        for (int i = 0; i < found.size(); i++) {
            found.addAll(nested.getOrDefault(found.get(i).id(), List.of()));
        }
        return found;
    }

    /** Own and inherited operations that are methods; an overridden one is left out. */
    public List<Operation> methodsOf(Type type) {
        return methods.computeIfAbsent(type.id(), id -> findMethodsOf(type));
    }

    private List<Operation> findMethodsOf(Type type) {
        List<Operation> found = new ArrayList<>();
        Set<String> hidden = new LinkedHashSet<>();
        for (Type t : lineOf(type)) {
            for (Operation o : operationsOf(t)) {
                if (o.isMethod() && !hidden.contains(o.id())) {
                    found.add(o);
                    hidden.addAll(o.overrides());
                }
            }
        }
        return List.copyOf(found);
    }

    /** Whether {@code lower} realises or extends {@code upper}, also through others. A type does not realise itself. */
    public boolean realises(String lower, String upper) {
        return ancestors.getOrDefault(lower, Set.of()).contains(upper);
    }

    /** Whether a type is one of those, or realises or extends one of them; not known where what is above it is not. */
    public Truth isOneOf(String type, Collection<Type> types) {
        for (Type t : types) {
            if (t.id().equals(type) || realises(type, t.id())) {
                return Truth.YES;
            }
        }
        boolean open = type.equals(TypeRef.UNKNOWN) || realises(type, TypeRef.UNKNOWN);
        return open && !types.isEmpty() ? Truth.UNKNOWN : Truth.NO;
    }

    /** Whether a declared type is one of those, realises one of them, or contains such. */
    public Truth leadsTo(@Nullable TypeRef declared, Collection<Type> types) {
        return ofLeaves(declared, leaf -> isOneOf(leaf, types));
    }

    /** Whether what a value stands for is a field, or the container inside the container of the program's own that it holds. */
    public boolean isIn(Value value, Field field) {
        if (!(value instanceof Value.OfField f)) {
            return false;
        }
        return f.field().equals(field.id())
                || field.type().many()
                        && field(f.field())
                                .filter(x -> x.type().many()
                                        && x.owner().equals(field.type().type()))
                                .isPresent();
    }

    /** Whether a declared type is just one of those, or contains such; one of their realisations is not enough. */
    public Truth names(@Nullable TypeRef declared, Collection<Type> types) {
        return ofLeaves(declared, leaf -> {
            boolean named = types.stream().anyMatch(t -> t.id().equals(leaf));
            return named ? Truth.YES : leaf.equals(TypeRef.UNKNOWN) && !types.isEmpty() ? Truth.UNKNOWN : Truth.NO;
        });
    }

    private Truth ofLeaves(@Nullable TypeRef declared, Function<String, Truth> asked) {
        Truth found = Truth.NO;
        if (declared != null) {
            for (TypeRef leaf : declared.leaves()) {
                found = found.or(asked.apply(leaf.type()));
                if (declared.many() && keepers.isEntry(leaf.type())) {
                    found = found.or(ofEntry(leaf.type(), asked));
                }
            }
        }
        return found;
    }

    /** What is wrapped in an entry is contained where the entries are. */
    private Truth ofEntry(String entry, Function<String, Truth> asked) {
        Truth found = Truth.NO;
        for (Field f : type(entry).map(this::fieldsOf).orElse(List.of())) {
            for (TypeRef leaf : f.type().leaves()) {
                found = found.or(asked.apply(leaf.type()));
            }
        }
        return found;
    }

    /** What is mentioned and could not be resolved. */
    public Unresolved unresolved() {
        return unresolved;
    }

    /** Every type that realises or extends this one, also through others. */
    public List<Type> realisationsOf(Type type) {
        return realisations.getOrDefault(type.id(), List.of());
    }

    /** The operations that override this one, in any type. */
    public List<Operation> overridersOf(Operation operation) {
        return overriders.getOrDefault(operation.id(), List.of());
    }

    /** Whether {@code id} names this operation, one it overrides or one that overrides it. */
    public boolean isSameCall(@Nullable String id, Operation operation) {
        if (id == null) {
            return false;
        }
        return id.equals(operation.id())
                || operation.overrides().contains(id)
                || operation(id)
                        .map(o -> o.overrides().contains(operation.id()))
                        .orElse(false);
    }

    /** Tells of ids whether they name one of those operations, one they override or one that overrides them. */
    public Predicate<@Nullable String> sameCallAsOneOf(Collection<Operation> operations) {
        Set<String> own = new HashSet<>();
        Set<String> named = new HashSet<>();
        for (Operation o : operations) {
            own.add(o.id());
            named.add(o.id());
            named.addAll(o.overrides());
        }
        return id -> {
            if (id == null || named.contains(id)) {
                return id != null;
            }
            Operation called = this.operations.get(id);
            if (called != null) {
                for (String over : called.overrides()) {
                    if (own.contains(over)) {
                        return true;
                    }
                }
            }
            return false;
        };
    }

    /** Whether objects of the type can be made: no interface, nothing abstract, every abstract operation answered. */
    public boolean isConcrete(Type type) {
        if (type.isInterface() || type.kind() == Type.Kind.ABSTRACT_CLASS) {
            return false;
        }
        return type.kind() != Type.Kind.ENUM || !hasBodiesForAllConstants(type);
    }

    /** Whether it stands for others: an interface, an abstract class, an enum whose constants all have bodies. */
    public boolean isAbstraction(Type type) {
        return type.isInterface()
                || type.kind() == Type.Kind.ABSTRACT_CLASS
                || (type.kind() == Type.Kind.ENUM && hasBodiesForAllConstants(type));
    }

    private boolean hasBodiesForAllConstants(Type type) {
        long bodied = realisationsOf(type).stream()
                .filter(t -> t.origin() == Type.Origin.CONSTANT)
                .count();
        return bodied > 0 && bodied == type.constants().size();
    }

    /** Which types have anything to do with which. */
    public MentionGraph mentions() {
        MentionGraph known = mentions;
        if (known == null) {
            // worked out twice by two threads it is the same
            known = new MentionGraph(this);
            mentions = known;
        }
        return known;
    }

    /** What bodies do, with helpers and origins of values followed. */
    public Bodies bodies() {
        return bodies;
    }
}
