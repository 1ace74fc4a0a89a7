package hausaufgabe.core.matching;

import hausaufgabe.core.matching.relation.FieldRelations;
import hausaufgabe.core.matching.relation.TypeRelations;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What leads from one role of a pattern to another, as a class diagram of its roles draws it. */
public record RoleRelation(String from, String to, Kind kind) {

    /** Of UML's relationships those that are between roles. */
    public enum Kind {
        REALISATION,
        ASSOCIATION
    }

    private static final Set<Relation> REALISING = Set.of(TypeRelations.REALISES, TypeRelations.EXTENDS);
    private static final Set<Relation> HOLDING =
            Set.of(FieldRelations.LEADS_TO, FieldRelations.OF_TYPE, TypeRelations.HOLDS, FieldRelations.HOLDS_MANY);

    /** What the roles and members of a pattern say of each other first, each once. */
    public static List<RoleRelation> of(DesignPattern pattern) {
        List<RoleRelation> relations = new ArrayList<>();
        for (DesignPattern.Role r : pattern.roles()) {
            String name = r.name();
            said(r.that(), REALISING).ifPresent(up -> relations.add(new RoleRelation(name, up, Kind.REALISATION)));
            said(r.that(), HOLDING).ifPresent(to -> relations.add(new RoleRelation(name, to, Kind.ASSOCIATION)));
            said(r.that(), Set.of(TypeRelations.REALISED_BY))
                    .ifPresent(by -> relations.add(new RoleRelation(by, name, Kind.REALISATION)));
            said(r.that(), Set.of(TypeRelations.HELD_BY))
                    .ifPresent(by -> relations.add(new RoleRelation(by, name, Kind.ASSOCIATION)));
        }
        for (DesignPattern.Member m : pattern.members()) {
            said(m.isField() ? m.that() : List.of(), HOLDING)
                    .ifPresent(to -> relations.add(new RoleRelation(m.owner(), to, Kind.ASSOCIATION)));
        }
        return relations.stream().distinct().toList();
    }

    /** The role that the first such relation names; what is only tried where that fails is left out. */
    private static Optional<String> said(List<Predicate> that, Set<Relation> wanted) {
        return that.stream()
                .limit(1)
                .flatMap(p -> p instanceof Predicate.All all ? all.parts().stream() : Stream.of(p))
                .filter(p -> p instanceof Predicate.Says s && wanted.contains(s.relation()))
                .map(p -> ((Predicate.Says) p).name(0))
                .findFirst();
    }
}
