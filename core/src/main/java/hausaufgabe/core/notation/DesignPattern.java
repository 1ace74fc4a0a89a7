package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A pattern as a file of the notation says it.
 *
 * @param id word by which the catalogue and the command line know it
 * @param title its name for people
 * @param intent what it is for, one sentence
 * @param roles in the order of the file, which is also the order of their seals
 * @param order names of roles and members in the order of the file, which is the order in which they are found
 * @param same which roles are played by the same type as a role of a pattern that stands above in the same text
 * @param requirements what the first form asks for
 * @param remarks what is worth saying and never counts
 * @param forms the ways to build it; the first asks for {@code requirements} as they stand
 * @param pitfalls what often goes wrong
 * @param runs runs of the program as a whole
 * @param testPoints what the test classes that come with the exercise are worth together
 * @param values which values are valid; empty where anything is
 * @param limits what running a submission may cost
 * @param comments comments of the text by what they stand at, see {@link PatternPrinter}
 */
public record DesignPattern(
        String id,
        String title,
        String intent,
        List<Role> roles,
        List<Member> members,
        List<String> order,
        List<SameRole> same,
        List<Sign> signs,
        List<Requirement> requirements,
        List<Requirement> remarks,
        List<Form> forms,
        List<Pitfall> pitfalls,
        List<Scenario> scenarios,
        List<Run> runs,
        double testPoints,
        List<ValidValues> values,
        RunLimits limits,
        Map<String, List<String>> comments) {

    /**
     * @param many whether every type that fits plays it, or one to be found
     * @param that what makes a type play the role; several are tried in order until one finds something; empty when any
     *     type of the sort may
     * @param like words whose being in a type's name breaks a tie
     * @param doc what the role is for, in a few words
     */
    public record Role(
            String name,
            boolean optional,
            boolean many,
            TypeSort sort,
            List<Predicate> that,
            List<String> like,
            String doc) {}

    /** What may play a role. */
    public enum TypeSort {
        CONCRETE_TYPE("concrete type"),
        ABSTRACT_CLASS("abstract class"),
        FUNCTION_TYPE("function type"),
        ABSTRACTION("abstraction"),
        INTERFACE("interface"),
        CLASS("class"),
        ENUM("enum"),
        RECORD("record"),
        TYPE("type");

        private final String words;

        TypeSort(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** With its article. */
        public String oneOfIt() {
            return ("aei".indexOf(words.charAt(0)) >= 0 ? "an " : "a ") + words;
        }

        static List<String> all() {
            return Arrays.stream(values()).map(TypeSort::words).toList();
        }
    }

    /**
     * An operation or field of a role.
     *
     * @param orOf a role whose it is where no type of the owner has one; null for none
     * @param many whether everything that fits is meant, or one to be found
     * @param listed whether reports name it; one that is not only helps to say the rest
     * @param closed whether private operations count as much as others, which they do only in second place otherwise
     * @param that what it must satisfy; several are tried in order until one finds something; empty when anything fits
     * @param like words of names by which the last of several is told, where nothing else tells
     * @param orElse a field that reports name when no operation fits; null for none
     * @param doc what it does, a verb and what goes with it; may be empty
     */
    public record Member(
            String name,
            boolean isField,
            String owner,
            @Nullable String orOf,
            boolean many,
            boolean optional,
            boolean listed,
            boolean closed,
            List<Predicate> that,
            List<String> like,
            @Nullable String orElse,
            String doc) {}

    /**
     * Says that one type plays two roles.
     *
     * @param role of this pattern
     * @param as a role of a pattern above; that type itself, or what it realises
     */
    public record SameRole(String role, String as) {}

    /** Something that speaks for a binding without being asked for; or against it, where the weight is below 0. */
    public record Sign(double weight, Condition condition) {}

    /**
     * @param forbidden whether the conditions must not hold
     * @param essential whether the pattern is not there without it
     * @param points what it is worth
     * @param text a sentence with names of roles and members in braces
     * @param hint what to try when it is not met; empty for none
     * @param when what must hold for it to apply
     * @param conditions all of which must hold; for a forbidden one, none may
     */
    public record Requirement(
            String id,
            boolean forbidden,
            boolean essential,
            double points,
            String text,
            String hint,
            List<Condition> when,
            List<Condition> conditions) {}

    /**
     * @param doc how it differs from the others, one sentence; may be empty
     * @param when what must hold for a submission to be in this form
     * @param insteadOf ids of the requirements this form does without
     * @param requirements what it asks for in their place
     */
    public record Form(
            String name, String doc, List<Condition> when, List<String> insteadOf, List<Requirement> requirements) {}

    /** @param caughtBy ids of the requirements that are not met by it */
    public record Pitfall(String text, List<String> caughtBy) {}

    /**
     * Who a condition is about, and how many of them.
     *
     * @param alone whether nothing else in the submission may satisfy the predicate
     */
    public record Condition(Quantity quantity, int count, String subject, Predicate predicate, boolean alone) {}

    /** How many of the subject must satisfy the predicate. */
    public enum Quantity {
        EVERY("every"),
        SOME("some"),
        NO("no"),
        EXACTLY("exactly"),
        AT_LEAST("at least"),
        AT_MOST("at most");

        private final String words;

        Quantity(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether a number follows. */
        public boolean counts() {
            return this == EXACTLY || this == AT_LEAST || this == AT_MOST;
        }
    }

    /** The same with other values and limits. */
    DesignPattern judgedWith(List<ValidValues> valid, RunLimits cost) {
        return new DesignPattern(
                id,
                title,
                intent,
                roles,
                members,
                order,
                same,
                signs,
                requirements,
                remarks,
                forms,
                pitfalls,
                scenarios,
                runs,
                testPoints,
                valid,
                cost,
                comments);
    }

    public Optional<Role> role(String name) {
        return roles.stream().filter(r -> r.name().equals(name)).findFirst();
    }

    public Optional<Member> member(String name) {
        return members.stream().filter(m -> m.name().equals(name)).findFirst();
    }

    /** What a form asks for, in the order of the file: the pattern's requirements, replaced ones in place. */
    public List<Requirement> requirementsOf(Form form) {
        Set<String> replaced = new HashSet<>(form.insteadOf());
        List<Requirement> all = new ArrayList<>();
        boolean placed = false;
        for (Requirement r : requirements) {
            if (!replaced.contains(r.id())) {
                all.add(r);
            } else if (!placed) {
                all.addAll(form.requirements());
                placed = true;
            }
        }
        if (!placed) {
            all.addAll(form.requirements());
        }
        return List.copyOf(all);
    }
}
