package hausaufgabe.server.exercise;

import hausaufgabe.core.matching.relation.FieldRelations;
import hausaufgabe.core.matching.relation.TypeRelations;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.core.notation.Predicate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A pattern as a page shows it before any code exists.
 *
 * @param relations what leads from role to role, for a class diagram
 */
public record PatternView(
        String id,
        String title,
        String intent,
        List<RoleView> roles,
        List<Relation> relations,
        List<Asked> requirements,
        List<FormView> forms,
        List<Trap> pitfalls,
        List<Asked> scenarios) {

    /**
     * @param operations names of the members that the role has
     * @param sameAs role of another pattern of the exercise that the same type plays; null for none
     */
    public record RoleView(
            String name,
            String doc,
            boolean isAbstract,
            boolean many,
            List<String> operations,
            @Nullable String sameAs) {}

    /** A line of the class diagram, as UML draws it. */
    public record Relation(String from, String to, Kind kind) {
        public enum Kind {
            REALISATION,
            ASSOCIATION
        }
    }

    /**
     * Something asked for, with its points; the texts still have role names in braces.
     *
     * @param hint what to try when it is not met; may be empty
     */
    public record Asked(String id, String text, boolean essential, double points, String hint) {}

    /** @param doc how the form differs from the others; may be empty */
    public record FormView(String name, String doc) {}

    /** @param caughtBy ids of the requirements that are not met by it */
    public record Trap(String text, List<String> caughtBy) {}

    private static final Set<hausaufgabe.core.notation.Relation> REALISING =
            Set.of(TypeRelations.REALISES, TypeRelations.EXTENDS);
    private static final Set<hausaufgabe.core.notation.Relation> HOLDING =
            Set.of(FieldRelations.LEADS_TO, FieldRelations.OF_TYPE, TypeRelations.HOLDS, FieldRelations.HOLDS_MANY);

    /** The role that the first such relation names; what is only tried where that fails is left out. */
    private static Optional<String> said(List<Predicate> that, Set<hausaufgabe.core.notation.Relation> wanted) {
        return that.stream()
                .limit(1)
                .flatMap(p -> p instanceof Predicate.All all ? all.parts().stream() : Stream.of(p))
                .filter(p -> p instanceof Predicate.Says s && wanted.contains(s.relation()))
                .map(p -> ((Predicate.Says) p).name(0))
                .findFirst();
    }

    /** Every pattern that an exercise asks for. */
    static List<PatternView> all(PatternSet patterns) {
        return patterns.patterns().stream().map(PatternView::of).toList();
    }

    /** Roles and relations of every pattern, and nothing of what is asked of them. */
    public static List<PatternView> rolesOf(PatternSet patterns) {
        return all(patterns).stream()
                .map(p -> new PatternView(
                        p.id(),
                        p.title(),
                        p.intent(),
                        p.roles(),
                        p.relations(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of()))
                .toList();
    }

    static PatternView of(DesignPattern p) {
        List<RoleView> roles = p.roles().stream()
                .map(r -> new RoleView(
                        r.name(),
                        r.doc(),
                        r.sort() == DesignPattern.TypeSort.ABSTRACTION,
                        r.many(),
                        p.members().stream()
                                .filter(m ->
                                        !m.isField() && m.listed() && m.owner().equals(r.name()))
                                .map(DesignPattern.Member::name)
                                .toList(),
                        p.same().stream()
                                .filter(s -> s.role().equals(r.name()))
                                .map(DesignPattern.SameRole::as)
                                .findFirst()
                                .orElse(null)))
                .toList();
        List<Relation> relations = new ArrayList<>();
        for (DesignPattern.Role r : p.roles()) {
            said(r.that(), REALISING)
                    .ifPresent(up -> relations.add(new Relation(r.name(), up, Relation.Kind.REALISATION)));
            said(r.that(), HOLDING)
                    .ifPresent(to -> relations.add(new Relation(r.name(), to, Relation.Kind.ASSOCIATION)));
            said(r.that(), Set.of(TypeRelations.REALISED_BY))
                    .ifPresent(by -> relations.add(new Relation(by, r.name(), Relation.Kind.REALISATION)));
            said(r.that(), Set.of(TypeRelations.HELD_BY))
                    .ifPresent(by -> relations.add(new Relation(by, r.name(), Relation.Kind.ASSOCIATION)));
        }
        for (DesignPattern.Member m : p.members()) {
            said(m.isField() ? m.that() : List.of(), HOLDING)
                    .ifPresent(to -> relations.add(new Relation(m.owner(), to, Relation.Kind.ASSOCIATION)));
        }
        return new PatternView(
                p.id(),
                p.title(),
                p.intent(),
                roles,
                relations.stream().distinct().toList(),
                p.requirementsOf(p.forms().get(0)).stream()
                        .map(q -> new Asked(q.id(), q.text(), q.essential(), q.points(), q.hint()))
                        .toList(),
                p.forms().stream().map(f -> new FormView(f.name(), f.doc())).toList(),
                p.pitfalls().stream().map(x -> new Trap(x.text(), x.caughtBy())).toList(),
                p.scenarios().stream()
                        .map(s -> new Asked(s.name(), s.name(), false, s.points(), ""))
                        .toList());
    }
}
