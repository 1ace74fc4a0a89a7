package hausaufgabe.core.design;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which types have anything to do with which, so that a search need not try types that do not know each other. */
public final class MentionGraph {

    private final Map<String, Set<String>> mentions = new HashMap<>();
    private final Map<String, List<Type>> mentionedBy = new HashMap<>();
    private final Design design;

    MentionGraph(Design design) {
        this.design = design;
        for (Type t : design.types()) {
            Set<String> own = new LinkedHashSet<>();
            t.supertypes().forEach(s -> own.add(s.type()));
            design.fieldsOf(t).forEach(f -> add(own, f.type()));
            design.operationsOf(t).forEach(o -> addOperation(own, o));
            mentions.put(t.id(), own);
        }
        // what a nameless type mentions, the type around it mentions
        for (Type t : design.types()) {
            Type around = t;
            while (around != null && !around.isNamed()) {
                around = around.enclosing() == null
                        ? null
                        : design.type(around.enclosing()).orElse(null);
                if (around != null) {
                    mentions.computeIfAbsent(around.id(), k -> new LinkedHashSet<>())
                            .addAll(mentions.getOrDefault(t.id(), Set.of()));
                }
            }
        }
        for (Type t : design.types()) {
            mentions.getOrDefault(t.id(), Set.of())
                    .forEach(m -> mentionedBy
                            .computeIfAbsent(m, k -> new ArrayList<>())
                            .add(t));
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
            } else if (f instanceof Fact.Branch b && b.type() != null) {
                own.add(b.type());
            } else if (f instanceof Fact.Read r) {
                design.field(r.field()).ifPresent(x -> {
                    own.add(x.owner());
                    add(own, x.type());
                });
            }
        }
    }

    private static void add(Set<String> own, @Nullable TypeRef ref) {
        if (ref != null) {
            own.add(ref.type());
            ref.leaves().forEach(l -> own.add(l.type()));
            if (ref.isUnknown()) {
                ref.arguments().forEach(a -> add(own, a));
            }
        }
    }

    /** The types that mention one of {@code types}, of what is above or below them, or whose heirs do. */
    public Set<Type> mentioning(Collection<Type> types) {
        Set<Type> found = new LinkedHashSet<>();
        for (Type t : types) {
            for (Type family : familyOf(t)) {
                for (Type by : mentionedBy.getOrDefault(family.id(), List.of())) {
                    found.add(by);
                    found.addAll(design.realisationsOf(by));
                }
            }
        }
        return found;
    }

    /** The types that one of {@code types}, or what is above it, mentions, with what is above or below those. */
    public Set<Type> mentioned(Collection<Type> types) {
        Set<Type> found = new LinkedHashSet<>();
        for (Type t : types) {
            for (Type line : design.lineOf(t)) {
                mentions.getOrDefault(line.id(), Set.of())
                        .forEach(m -> design.type(m).ifPresent(x -> found.addAll(familyOf(x))));
            }
        }
        return found;
    }

    private List<Type> familyOf(Type t) {
        List<Type> family = new ArrayList<>(design.lineOf(t));
        family.addAll(design.realisationsOf(t));
        return family;
    }
}
