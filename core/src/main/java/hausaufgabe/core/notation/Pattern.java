package hausaufgabe.core.notation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pattern as a file of the notation says it.
 *
 * @param id word by which the catalogue and the command line know it
 * @param title its name for people
 * @param intent what it is for, one sentence
 * @param roles in the order of the file, which is also the order of their seals
 * @param requirements what the first form asks for
 * @param forms the ways to build it; the first asks for {@code requirements} as they stand
 */
public record Pattern(
        String id,
        String title,
        String intent,
        List<Role> roles,
        List<Member> members,
        List<Sign> signs,
        List<Requirement> requirements,
        List<Form> forms,
        List<Scenario> scenarios) {

    /**
     * @param derived what makes a type play the role, for a role that every such type plays; null for a role played by one
     * @param doc what the role is for, in a few words
     */
    public record Role(String name, boolean optional, TypeSort sort, Predicate derived, String doc) {
        public boolean isMany() {
            return derived != null;
        }
    }

    /** What may play a role. */
    public enum TypeSort {
        CLASS("class"),
        ABSTRACTION("abstraction"),
        CONCRETE_TYPE("concrete type"),
        TYPE("type");

        private final String words;

        TypeSort(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * An operation or field of a role.
     *
     * @param many whether everything that fits is meant, or one to be found
     * @param listed whether reports name it; one that is not only helps to say the rest
     * @param that what it must satisfy; several are tried in order until one finds something; empty when anything fits
     */
    public record Member(
            String name,
            boolean isField,
            String owner,
            boolean many,
            boolean optional,
            boolean listed,
            List<Predicate> that) {}

    /** Something that speaks for a binding without being asked for. */
    public record Sign(double weight, Condition condition) {}

    /**
     * @param forbidden whether the conditions must not hold
     * @param essential whether the pattern is not there without it
     * @param points what it is worth
     * @param text a sentence with names of roles and members in braces
     * @param conditions all of which must hold; for a forbidden one, none may
     */
    public record Requirement(
            String id, boolean forbidden, boolean essential, double points, String text, List<Condition> conditions) {}

    /**
     * @param insteadOf ids of the requirements this form does without
     * @param requirements what it asks for in their place
     */
    public record Form(String name, List<String> insteadOf, List<Requirement> requirements) {}

    /** Who a condition is about, and how many of them. */
    public record Condition(Quantity quantity, int count, String subject, Predicate predicate) {}

    /** How many of the subject must satisfy the predicate. */
    public enum Quantity {
        EVERY,
        SOME,
        AT_LEAST
    }

    public Optional<Role> role(String name) {
        return roles.stream().filter(r -> r.name().equals(name)).findFirst();
    }

    public Optional<Member> member(String name) {
        return members.stream().filter(m -> m.name().equals(name)).findFirst();
    }

    /** What a form asks for, in the order of the file: the pattern's requirements, replaced ones in place. */
    public List<Requirement> requirementsOf(Form form) {
        List<Requirement> kept = requirements.stream()
                .filter(r -> !form.insteadOf().contains(r.id()))
                .toList();
        return Stream.concat(form.requirements().stream(), kept.stream())
                .sorted((a, b) -> Integer.compare(place(form, a), place(form, b)))
                .toList();
    }

    private int place(Form form, Requirement requirement) {
        int own = requirements.indexOf(requirement);
        if (own >= 0) {
            return own * 100 + 50;
        }
        int first = form.insteadOf().stream()
                .mapToInt(id ->
                        requirements.stream().map(Requirement::id).toList().indexOf(id))
                .min()
                .orElse(requirements.size());
        return first * 100 + form.requirements().indexOf(requirement);
    }
}
