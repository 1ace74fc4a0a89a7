package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Unresolved;
import hausaufgabe.core.notation.Relation;
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
final class Doubt {

    /** What of a type or an operation a relation hangs on. */
    private enum Scope {
        NOTHING,
        SUPERTYPES,
        DECLARATION,
        TEXT
    }

    private final Design design;
    private final Unresolved unresolved;
    private final Map<String, Set<String>> known = new HashMap<>();

    Doubt(Design design) {
        this.design = design;
        this.unresolved = design.unresolved();
    }

    private boolean isNone() {
        return unresolved.isEmpty() && !design.bodies().isAnyCutShort();
    }

    Judgement about(Judgement found, Type type, Question q) {
        if (found.status() != Status.UNMET || isNone()) {
            return found;
        }
        Set<String> names = new LinkedHashSet<>();
        Scope scope = scopeOf(q.relation());
        (isSaidOfRole(q.relation()) ? q.role(0) : List.of(type)).forEach(t -> add(t, scope, names));
        return doubted(found, names, q.words());
    }

    Judgement about(Judgement found, Operation operation, Question q) {
        if (found.status() != Status.UNMET || isNone()) {
            return found;
        }
        Set<String> names = new LinkedHashSet<>();
        Scope scope = scopeOf(q.relation());
        if (isSaidOfRole(q.relation())) {
            q.role(0).forEach(t -> add(t, scope, names));
        } else {
            add(operation, scope, names);
        }
        return doubted(found, names, q.words());
    }

    Judgement about(Judgement found, Field field, Question q) {
        boolean hangs = scopeOf(q.relation()) != Scope.NOTHING;
        return found.status() == Status.UNMET && hangs ? doubted(found, unresolved.inTypeOf(field), q.words()) : found;
    }

    /** Nothing was found to play a role; a type that could not be resolved may. */
    Judgement aboutRole(Judgement found, Wording words) {
        return doubted(found, unresolved.types(), words);
    }

    /** Types have no such member, as far as what they mention could be resolved. */
    Judgement aboutMember(Judgement found, List<Type> owners, Wording words) {
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
            Members.fields(design, type).forEach(f -> names.addAll(unresolved.inTypeOf(f)));
            Members.ofRole(design, type).forEach(o -> names.addAll(namesIn(o, scope)));
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

    /** Whether the relation hangs on what the role's types are or do, rather than on its subject. */
    private static boolean isSaidOfRole(Relation relation) {
        return switch (relation) {
            case REALISED_BY, HELD_BY, TAKEN_BY, ASKED_BY, CALLED_IN, CALLED_BACK_IN, PASSED_ON_BY, FORWARDED_BY ->
                true;
            default -> false;
        };
    }

    /**
     * Types that are known are always resolved where they are named, so what only asks for those hangs on nothing else. So does
     * what speaks against a program: what could not be resolved is no evidence of a mistake.
     */
    private static Scope scopeOf(Relation relation) {
        return switch (relation) {
            case REALISES, EXTENDS, REALISED_BY -> Scope.SUPERTYPES;
            case TAKES, TAKES_ANY, RETURNS, HELD_BY, TAKEN_BY, HOLDS, HOLDS_MANY, HOLDS_SEVERAL, TAKES_EACH ->
                Scope.DECLARATION;
            case CALLS_INTO,
                    MIRRORS,
                    WRAPS,
                    ASKED_BY,
                    KEEPS_CALLED,
                    DECLARES,
                    ANSWERS_INERTLY,
                    ANSWERS_EMPTILY,
                    PASSES_ON,
                    FORWARDS,
                    ACCEPTS,
                    TELLS_CHANGES,
                    GIVES_ITSELF,
                    KEEPS_ITSELF,
                    GIVES_KEPT,
                    BUILDS,
                    STAGE,
                    DIRECTS,
                    DISPATCHES,
                    CREATES,
                    CREATES_SEVERAL,
                    LEADS_TO,
                    OF_TYPE,
                    HOLDS_ONE,
                    FROM_PARAMETER,
                    FROM_NEW,
                    LAZY,
                    STARTS_AS,
                    WORKS_OUT,
                    CALLED_IN,
                    CALLED_BACK_IN,
                    PASSED_ON_BY,
                    FORWARDED_BY,
                    GIVES_OUT,
                    PREPARES,
                    STEP_OF,
                    CALLS,
                    CALLS_ON,
                    CALLS_EACH,
                    CALLS_ONE_OF,
                    CALLS_PARAMETER,
                    CALLS_FETCHED,
                    CALLS_ITSELF,
                    CALLS_SUPER,
                    CALLS_DIRECTLY,
                    CALLS_STEPS,
                    REACHES,
                    PASSES_ITSELF,
                    RETURNS_FIELD,
                    RETURNS_NEW,
                    ADDS,
                    REMOVES,
                    WRITES,
                    ASSIGNS,
                    INERT,
                    SETS_SOMETHING -> Scope.TEXT;
            default -> Scope.NOTHING;
        };
    }
}
