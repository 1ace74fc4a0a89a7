package hausaufgabe.core.matching.relation;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Unresolved;
import hausaufgabe.core.matching.analysis.RoleMembers;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.matching.relation.JudgedRelation.Scope;
import hausaufgabe.core.report.Status;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The one place where "it does not" becomes "that is not known": where what a relation hangs on could not be resolved, or was
 * too much to follow. What is known not to hold, because it hangs on none of that, stays so.
 */
public final class Doubt {

    private final Design design;
    private final Unresolved unresolved;
    private final Map<String, Set<String>> known = new HashMap<>();

    public Doubt(Design design) {
        this.design = design;
        this.unresolved = design.unresolved();
    }

    private boolean isNone() {
        return unresolved.isEmpty() && !design.bodies().isAnyCutShort();
    }

    public Judgement about(Judgement found, JudgedRelation relation, Type type, Query q) {
        if (found.status() != Status.UNMET || isNone()) {
            return found;
        }
        Set<String> names = new LinkedHashSet<>();
        Scope scope = relation.scope();
        (relation.isOfRole() ? q.role(0) : List.of(type)).forEach(t -> add(t, scope, names));
        return doubted(found, names, q.words());
    }

    public Judgement about(Judgement found, JudgedRelation relation, Operation operation, Query q) {
        if (found.status() != Status.UNMET || isNone()) {
            return found;
        }
        Set<String> names = new LinkedHashSet<>();
        Scope scope = relation.scope();
        if (relation.isOfRole()) {
            q.role(0).forEach(t -> add(t, scope, names));
        } else {
            add(operation, scope, names);
        }
        return doubted(found, names, q.words());
    }

    public Judgement about(Judgement found, JudgedRelation relation, Field field, Query q) {
        boolean hangs = relation.scope() != Scope.NOTHING;
        return found.status() == Status.UNMET && hangs ? doubted(found, unresolved.inTypeOf(field), q.words()) : found;
    }

    /** Nothing was found to play a role; a type that could not be resolved may. */
    public Judgement aboutRole(Judgement found, Wording words) {
        return doubted(found, unresolved.types(), words);
    }

    /** Types have no such member, as far as what they mention could be resolved. */
    public Judgement aboutMember(Judgement found, List<Type> owners, Wording words) {
        if (isNone()) {
            return found;
        }
        Set<String> names = new LinkedHashSet<>();
        owners.forEach(t -> add(t, Scope.TEXT, names));
        return doubted(found, names, words);
    }

    private static Judgement doubted(Judgement found, Collection<String> names, Wording words) {
        if (names.isEmpty()) {
            return found;
        }
        String said = names.stream()
                .limit(3)
                .map(n -> "“" + n + "”")
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        String more = names.size() > 3 ? " and " + (names.size() - 3) + " more" : "";
        return Judgement.unclear(
                found.why().then(words.say("But " + said + more + " could not be resolved, so this is not certain.")),
                found.evidence());
    }

    private void add(Type type, Scope scope, Set<String> names) {
        if (scope != Scope.NOTHING) {
            String key = scope + " type " + type.id();
            Set<String> found = known.get(key);
            if (found == null) {
                found = namesIn(type, scope);
                known.put(key, found);
            }
            names.addAll(found);
        }
    }

    private void add(Operation operation, Scope scope, Set<String> names) {
        if (scope == Scope.DECLARATION || scope == Scope.TEXT) {
            String key = scope + " " + operation.id();
            Set<String> found = known.get(key);
            if (found == null) {
                found = namesIn(operation, scope);
                known.put(key, found);
            }
            names.addAll(found);
        }
    }

    private Set<String> namesIn(Type type, Scope scope) {
        Set<String> names = new LinkedHashSet<>();
        names.addAll(unresolved.inSupertypesOf(type));
        if (scope != Scope.SUPERTYPES) {
            RoleMembers.fields(design, type).forEach(f -> names.addAll(unresolved.inTypeOf(f)));
            RoleMembers.ofRole(design, type).forEach(o -> names.addAll(namesIn(o, scope)));
        }
        return names;
    }

    private Set<String> namesIn(Operation operation, Scope scope) {
        Set<String> names = new LinkedHashSet<>(unresolved.inSignatureOf(operation));
        if (scope == Scope.TEXT) {
            names.addAll(unresolved.inBodyOf(operation));
            design.bodies().reachedFrom(operation).stream()
                    .map(s -> s.in())
                    .distinct()
                    .forEach(o -> names.addAll(unresolved.inBodyOf(o)));
            if (design.bodies().isCutShort(operation)) {
                names.add("all that " + operation.name() + "() leads to");
            }
        }
        return names;
    }
}
