package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** Which types have anything to do with which, so that a search need not try types that do not know each other. */
final class Neighbours {

    private final Map<String, Set<String>> mentions = new HashMap<>();
    private final Design design;

    Neighbours(Design design) {
        this.design = design;
        for (Type t : design.types()) {
            Set<String> own = new LinkedHashSet<>();
            t.supertypes().forEach(s -> own.add(s.type()));
            design.fieldsOf(t).forEach(f -> add(own, f.type()));
            design.operationsOf(t).forEach(o -> addOperation(own, o));
            mentions.put(t.id(), own);
        }
    }

    private void addOperation(Set<String> own, Operation o) {
        o.parameters().forEach(p -> add(own, p.type()));
        add(own, o.result());
        for (Fact f : o.body()) {
            if (f instanceof Fact.Call c && c.operation() != null) {
                design.operation(c.operation()).ifPresent(target -> own.add(target.owner()));
            } else if (f instanceof Fact.Create c) {
                own.add(c.type());
            }
        }
    }

    private static void add(Set<String> own, TypeRef ref) {
        if (ref != null) {
            own.add(ref.type());
            ref.leaves().forEach(l -> own.add(l.type()));
        }
    }

    /** Whether one of the two mentions the other, or something above or below it. */
    boolean know(Type a, Type b) {
        return mentionsLineOf(a, b) || mentionsLineOf(b, a);
    }

    private boolean mentionsLineOf(Type a, Type b) {
        for (Type line : design.lineOf(a)) {
            for (String m : mentions.getOrDefault(line.id(), Set.of())) {
                if (m.equals(b.id()) || design.realises(m, b.id())) {
                    return true;
                }
            }
        }
        return false;
    }
}
