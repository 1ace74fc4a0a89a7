package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.MentionGraph;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.relation.JudgedRelation;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.Predicate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Which types a predicate can hold of at all, found by who mentions whom instead of by asking each. It may name types of which
 * the predicate does not hold, and never leaves one out of which it does.
 */
final class CandidateFilter {

    private final Design design;
    private final MentionGraph mentions;
    private final Judge judge;
    private final Map<DesignPattern.TypeSort, List<Type>> bySort = new EnumMap<>(DesignPattern.TypeSort.class);

    CandidateFilter(Design design, MentionGraph mentions, Judge judge) {
        this.design = design;
        this.mentions = mentions;
        this.judge = judge;
    }

    /** Types of the sort for which the predicate must be asked, in the order of the design. */
    List<Type> candidates(DesignPattern.TypeSort sort, Predicate predicate, Binding binding) {
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
    List<Type> of(DesignPattern.TypeSort sort) {
        return bySort.computeIfAbsent(
                sort,
                s -> design.types().stream().filter(t -> judge.isOfSort(t, s)).toList());
    }

    /** Null where nothing is known that narrows. */
    @Nullable
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

    private @Nullable Set<Type> narrow(Predicate.Says says, Binding binding) {
        if (says.names().isEmpty()) {
            return null;
        }
        Collection<Type> named = binding.types(says.name(0));
        return switch (((JudgedRelation) says.relation()).holders()) {
            case ANY -> null;
            case BELOW -> union(named, design::realisationsOf);
            case ABOVE -> union(named, design::lineOf);
            case NAMED -> new LinkedHashSet<>(named);
            case MENTIONED -> mentions.mentioned(named);
            case MENTIONING -> mentions.mentioning(named);
            case MENTIONING_OWNERS -> mentions.mentioning(ownersOf(binding.operations(says.name(0))));
        };
    }

    private static Set<Type> union(Collection<Type> types, Function<Type, List<Type>> each) {
        Set<Type> all = new LinkedHashSet<>();
        types.forEach(t -> all.addAll(each.apply(t)));
        return all;
    }

    private List<Type> ownersOf(List<Operation> operations) {
        List<Type> owners = new ArrayList<>();
        operations.forEach(o -> design.type(o.owner()).ifPresent(owners::add));
        return owners;
    }
}
