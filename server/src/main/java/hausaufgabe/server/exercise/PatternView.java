package hausaufgabe.server.exercise;

import hausaufgabe.core.matching.RoleRelation;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.PatternSet;
import java.util.List;
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
        List<RoleRelation> relations,
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
        return new PatternView(
                p.id(),
                p.title(),
                p.intent(),
                roles,
                RoleRelation.of(p),
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
