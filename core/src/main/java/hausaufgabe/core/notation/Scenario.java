package hausaufgabe.core.notation;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A small run against the roles.
 *
 * @param forms names of the forms it is for; empty for all
 * @param every names of roles and members: it is played once for each type and operation they are bound to
 * @param shows ids of the requirements that it speaks for: what it shows, running decides, whatever reading made of it
 * @param settles ids of the requirements that are met where reading left them open and this passes; that it fails says
 *     nothing of them
 * @param when what must hold for it to apply, said of the types and operations it is played for
 */
public record Scenario(
        String name,
        double points,
        List<String> forms,
        List<String> every,
        List<String> shows,
        List<String> settles,
        List<DesignPattern.Condition> when,
        List<Step> steps) {

    /** Stands for a member where any operation of the object will do. */
    public static final String ANYTHING = "anything";

    /** One line of a scenario. */
    public sealed interface Step {

        /** An object that stands in for a role's abstraction, records its calls, and gives back what is said. */
        record Double(String variable, String role, List<StubbedAnswer> answers) implements Step {}

        /**
         * An object of a role, given these on whatever way it offers.
         *
         * @param perhaps whether only a constructor need take them, and it may do without
         */
        record New(String variable, String role, List<Argument> with, boolean perhaps) implements Step {}

        /**
         * A call of a member.
         *
         * @param result what the outcome is called from here on, or null
         * @param on a variable, or a role whose operation is static
         * @param member a member, or {@link #ANYTHING}
         * @param with what is handed over; other arguments are found by type
         * @param others whether values are tried first that are not the ones otherwise tried first
         * @param until what to try other values for, or null to call once
         */
        record Call(
                @Nullable String result,
                String on,
                String member,
                List<Argument> with,
                boolean others,
                @Nullable MemberCall until)
                implements Step {

            /** What is waited for, in a call of which it is known that something is. */
            public MemberCall awaited() {
                return Objects.requireNonNull(until, "nothing is waited for");
            }
        }

        /** The calls that the last step came to, made on another object. */
        record DoTheSame(String variable) implements Step {}

        /**
         * The call that gave a result, made once more on what the same name stands for now, with the same values. Where it
         * is refused then, the scenario has nothing to show.
         *
         * @param result what the outcome is called
         * @param first what the result of the call is called that is made again
         */
        record DoAgain(String result, String first) implements Step {}

        /** What must be so for the scenario to show anything. */
        record OnlyWhere(Step expectation) implements Step {}

        /** From here on, whenever the double is called, it looks at what its likes in the program ask of the other. */
        record Look(String variable, String at) implements Step {}

        /** What the object keeps is remembered, to be compared with later. */
        record Remember(String variable) implements Step {}

        /** Calls recorded so far no longer count. */
        record ForgetCalls() implements Step {}

        record Assign(String variable, String field, Argument value) implements Step {}

        /** The step so often, one after the other or by so many threads at once. */
        record Repeat(int times, boolean parallel, Step step) implements Step {}

        /** The step for every object that can be made of a role's types; with {@code some}, for one of them at least. */
        record ForEach(boolean some, String role, String variable, Step step) implements Step {}

        /** What is printed from here on is kept. */
        record Capture() implements Step {}

        /** @param times how often the member was called */
        record Expect(MemberCall heard, Times times) implements Step {}

        record Compare(String variable, Comparison how, List<Argument> with) implements Step {}

        /**
         * @param times how often; below 0 for at least once
         * @param with what with; empty where that is not asked
         */
        record ExpectCall(MemberCall heard, int times, List<Argument> with) implements Step {}

        record ExpectOrder(List<MemberCall> heard) implements Step {}

        /** Where both were called, the first was not called before the second. */
        record ExpectNotBefore(MemberCall first, MemberCall second) implements Step {}

        /** @param error simple name of the error's type; empty for any */
        record ExpectError(String variable, String member, List<Argument> with, String error) implements Step {}

        /** The last call threw nothing. */
        record ExpectNoError() implements Step {}

        /** @param text what is printed; null for nothing */
        record ExpectOutput(@Nullable String text) implements Step {}

        /** Two operations belong together, as calls of both show. */
        record ExpectBond(MemberCall first, Bond bond, MemberCall second) implements Step {}

        /** The operation gives out an object of every type of the role that it makes. */
        record ExpectEvery(MemberCall heard, String role) implements Step {}

        /** The two doubles were called alike, in the same order. */
        record ExpectAlike(String first, String second) implements Step {}

        /** What a double saw or was told is what is true of the other after the call. */
        record ExpectNews(String variable, String of) implements Step {}

        /** In every type of the role, {@code whole} calls the {@code parts} in the same order. */
        record ExpectOneOrder(String role, String parts, String whole) implements Step {}
    }

    /** How two operations belong together. */
    public enum Bond {
        PASSES_ON("passes on to"),
        TAKES_BACK("takes back"),
        SHOWS_IN("shows in"),
        DEPENDS_ON("depends on");

        private final String words;

        Bond(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What a double gives back for a member. */
    public record StubbedAnswer(String member, Argument value) {}

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
        CHANGED("is changed"),
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

    /** A call of {@code member} on what {@code variable} stands for. */
    public record MemberCall(String variable, String member) {}

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
