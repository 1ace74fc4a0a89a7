package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The operations and fields that can be members of a role. */
public final class RoleMembers {

    private RoleMembers() {}

    /** Everything with a body or a result that an object or its type can be asked, and what runs when one is made. */
    public static List<Operation> ofRole(Design design, Type type) {
        List<Operation> all = new ArrayList<>(design.methodsOf(type));
        for (Type t : design.lineOf(type)) {
            design.operationsOf(t).stream().filter(o -> !o.isMethod()).forEach(all::add);
        }
        return all;
    }

    /** The methods others can call first; the private ones as a second choice. */
    public static List<List<Operation>> candidates(Design design, Type type) {
        List<Operation> open = new ArrayList<>();
        List<Operation> closed = new ArrayList<>();
        for (Operation o : design.methodsOf(type)) {
            (design.bodies().isOpen(o) ? open : closed).add(o);
        }
        return List.of(open, closed);
    }

    /** What an object of the type does when an operation is called on it; null where that is not in the design. */
    public static @Nullable Operation implementation(Design design, Type type, Operation operation) {
        for (Type t : design.lineOf(type)) {
            for (Operation o : design.operationsOf(t)) {
                if (o.id().equals(operation.id()) || o.overrides().contains(operation.id())) {
                    return o;
                }
            }
        }
        return null;
    }

    /** Own and inherited fields; constants of an enum left out, unless there is just one. */
    public static List<Field> fields(Design design, Type type) {
        return design.lineOf(type).stream()
                .flatMap(t -> design.fieldsOf(t).stream())
                .filter(f -> !f.isConstant() || type.constants().size() == 1)
                .toList();
    }
}
