package hausaufgabe.core.design;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a program mentions and its reader could not resolve, such as a class that was not handed in or an import that is
 * missing. Names are as they are written, those of operations with {@code ()}. Of a program that compiles there is nothing.
 */
public final class Unresolved {

    private final Design design;
    private final Set<String> types = new LinkedHashSet<>();
    private final boolean isEmpty;

    Unresolved(Design design, Collection<Field> fields, Collection<Operation> operations) {
        this.design = design;
        design.types().forEach(t -> t.supertypes().forEach(s -> add(s, types)));
        fields.forEach(f -> add(f.type(), types));
        boolean calls = false;
        for (Operation o : operations) {
            types.addAll(inSignatureOf(o));
            calls |= o.body().stream().anyMatch(Unresolved::isUnresolved);
        }
        this.isEmpty = types.isEmpty() && !calls;
    }

    public boolean isEmpty() {
        return isEmpty;
    }

    /** Names of types, each once. */
    public Set<String> types() {
        return Collections.unmodifiableSet(types);
    }

    /** Names of types that the type realises or extends, also through others. */
    public Set<String> inSupertypesOf(Type type) {
        Set<String> names = new LinkedHashSet<>();
        for (Type t : design.lineOf(type)) {
            t.supertypes().forEach(s -> add(s, names));
        }
        return names;
    }

    /** Names of types that a field is declared with. */
    public Set<String> inTypeOf(Field field) {
        Set<String> names = new LinkedHashSet<>();
        add(field.type(), names);
        return names;
    }

    /** Names of types that parameters and result are declared with. */
    public Set<String> inSignatureOf(Operation operation) {
        Set<String> names = new LinkedHashSet<>();
        operation.parameters().forEach(p -> add(p.type(), names));
        add(operation.result(), names);
        return names;
    }

    /** Names of what an operation's own body calls or makes. */
    public Set<String> inBodyOf(Operation operation) {
        Set<String> names = new LinkedHashSet<>();
        operation.body().stream()
                .filter(Unresolved::isUnresolved)
                .forEach(f -> names.add(((Fact.Call) f).name() + "()"));
        return names;
    }

    private static boolean isUnresolved(Fact fact) {
        return fact instanceof Fact.Call c && c.operation() == null;
    }

    private static void add(@Nullable TypeRef ref, Set<String> names) {
        if (ref == null) {
            return;
        }
        if (ref.isUnknown()) {
            names.add(ref.text().replaceFirst("<.*", ""));
        }
        for (List<TypeRef> inner : List.of(ref.contents(), ref.arguments())) {
            inner.forEach(r -> add(r, names));
        }
    }
}
