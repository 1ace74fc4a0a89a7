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

        /** A double that gives back what is said, for the members named. */
        record Answering(String variable, String role, List<Answer> answers) implements Step {}

        /** An object of a role, made with these arguments. */
        record Made(String variable, String role, List<Argument> with) implements Step {}

        /** A call with these arguments; {@code result} names what it gives back, or is null. */
        record Called(String result, String variable, String member, List<Argument> with) implements Step {}

        record Assign(String variable, String field, Argument value) implements Step {}

        /** The step so often, one after the other or by so many threads at once. */
        record Repeat(int times, boolean parallel, Step step) implements Step {}

        /** The step for every object that can be made of a role's types; with {@code some}, for one of them at least. */
        record ForEach(boolean some, String role, String variable, Step step) implements Step {}

        /** What is printed from here on is kept. */
        record Capture() implements Step {}

        record Compare(String variable, Comparison how, List<Argument> with) implements Step {}

        /**
         * @param times how often; below 0 where that is not asked
         * @param with what with; empty where that is not asked
         */
        record ExpectCall(Heard heard, int times, List<Argument> with) implements Step {}

        record ExpectOrder(List<Heard> heard) implements Step {}

        /** @param error simple name of the error's type; empty for any */
        record ExpectError(String variable, String member, List<Argument> with, String error) implements Step {}

        /** @param text what is printed; null for nothing */
        record ExpectOutput(String text) implements Step {}
    }

    /** What a double gives back for a member. */
    public record Answer(String member, Argument value) {}

    /** What is handed over or compared with. */
    public sealed interface Argument {

        /** What a variable stands for. */
        record Variable(String name) implements Argument {}

        /** A number, a text, {@code true}, {@code false} or {@code null}. */
        record Literal(String text, boolean quoted) implements Argument {}

        /** A value of the fixed samples, chosen by type. */
        record Any() implements Argument {}
    }

    /** How a value is compared; longer words first, where one begins like another. */
    public enum Comparison {
        NOT_SAME("is not the same as"),
        SAME("is the same as"),
        BETWEEN("is between"),
        ONE_OF("is one of"),
        UNCHANGED("is unchanged"),
        IS_NOT("is not"),
        IS("is");

        private final String words;

        Comparison(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
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
