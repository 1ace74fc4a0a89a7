package hausaufgabe.core.notation;

import java.util.List;

/**
 * A small run against the roles.
 *
 * @param forms names of the forms it is for; empty for all
 * @param when what must hold for it to apply
 */
public record Scenario(String name, double points, List<String> forms, List<Pattern.Condition> when, List<Step> steps) {

    /** One line of a scenario. */
    public sealed interface Step {

        /** An object that stands in for a role's abstraction and records its calls. */
        record Double(String variable, String role) implements Step {}

        /** An object of a role. {@code with} names a variable it is given on whatever way it offers; or null. */
        record New(String variable, String role, String with) implements Step {}

        /**
         * A call of a member on a variable.
         *
         * @param with variable handed over as argument, or null; other arguments are found by type
         * @param until what to try other values for, or null to call once
         */
        record Call(String variable, String member, String with, Heard until) implements Step {}

        /** Calls recorded so far no longer count. */
        record ForgetCalls() implements Step {}

        /** @param times how often the member was called */
        record Expect(Heard heard, Times times) implements Step {}
    }

    /** A call of {@code member} on the double in {@code variable}. */
    public record Heard(String variable, String member) {}

    /** How often. */
    public enum Times {
        NEVER("never called"),
        ONCE("called once"),
        AT_LEAST_ONCE("called at least once");

        private final String words;

        Times(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean holds(int count) {
            return switch (this) {
                case NEVER -> count == 0;
                case ONCE -> count == 1;
                case AT_LEAST_ONCE -> count > 0;
            };
        }
    }
}
