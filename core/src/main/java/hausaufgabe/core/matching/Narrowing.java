package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Predicate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which types a predicate can hold of at all, found by who mentions whom instead of by asking each. It may name types of which
 * the predicate does not hold, and never leaves one out of which it does.
 */
final class Narrowing {

    private final Design design;
    private final Neighbours neighbours;
    private final Judge judge;
    private final Map<Pattern.TypeSort, List<Type>> bySort = new EnumMap<>(Pattern.TypeSort.class);

    Narrowing(Design design, Neighbours neighbours, Judge judge) {
        this.design = design;
        this.neighbours = neighbours;
        this.judge = judge;
    }

    /** Types of the sort for which the predicate must be asked, in the order of the design. */
    List<Type> candidates(Pattern.TypeSort sort, Predicate predicate, Binding binding) {
        Set<Type> narrow = narrow(predicate, binding);
        List<Type> all = of(sort);
        if (narrow == null) {
            return all;
        }
        if (narrow.size() * 4 > all.size()) {
            return all.stream().filter(narrow::contains).toList();
        }
        return narrow.stream()
                .filter(t -> judge.isOfSort(t, sort))
                .sorted((a, b) -> Integer.compare(design.place(a), design.place(b)))
                .toList();
    }

    /** Every type of the sort. */
    List<Type> of(Pattern.TypeSort sort) {
        return bySort.computeIfAbsent(
                sort,
                s -> design.types().stream().filter(t -> judge.isOfSort(t, s)).toList());
    }

    /** Null where nothing is known that narrows. */
    Set<Type> narrow(Predicate predicate, Binding binding) {
        if (predicate instanceof Predicate.All all) {
            Set<Type> least = null;
            for (Predicate p : all.parts()) {
                Set<Type> found = narrow(p, binding);
                if (found != null && (least == null || found.size() < least.size())) {
                    least = found;
                }
            }
            return least;
        }
        return predicate instanceof Predicate.Says says ? narrow(says, binding) : null;
    }

    private Set<Type> narrow(Predicate.Says says, Binding binding) {
        if (says.names().isEmpty()) {
            return null;
        }
        Collection<Type> named = binding.types(says.name(0));
        return switch (says.relation()) {
            case REALISES, EXTENDS -> {
                Set<Type> below = new LinkedHashSet<>();
                named.forEach(t -> below.addAll(design.realisationsOf(t)));
                yield below;
            }
            case REALISED_BY -> {
                Set<Type> above = new LinkedHashSet<>();
                named.forEach(t -> above.addAll(design.lineOf(t)));
                yield above;
            }
            case PLAYS -> new LinkedHashSet<>(named);
            case HELD_BY, TAKEN_BY, ASKED_BY -> neighbours.mentioned(named);
            case HOLDS,
                    HOLDS_MANY,
                    HOLDS_SEVERAL,
                    CALLS_INTO,
                    DEPENDS_ON,
                    DEPENDS_ON_WORKING,
                    WRAPS,
                    MIRRORS,
                    TAKES,
                    TAKES_ANY,
                    RETURNS,
                    CREATES,
                    CREATES_SEVERAL,
                    BUILDS -> neighbours.mentioning(named);
            case STAGE -> {
                Set<Type> above = new LinkedHashSet<>();
                named.forEach(t -> above.addAll(design.lineOf(t)));
                yield above;
            }
            case CALLS, DIRECTS -> neighbours.mentioning(ownersOf(binding.operations(says.name(0))));
            default -> null;
        };
    }

    private List<Type> ownersOf(List<Operation> operations) {
        List<Type> owners = new ArrayList<>();
        operations.forEach(o -> design.type(o.owner()).ifPresent(owners::add));
        return owners;
    }
}
