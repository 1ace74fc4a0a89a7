package hausaufgabe.core.scenario;

import hausaufgabe.core.notation.Limits;
import hausaufgabe.core.reading.Program;
import java.util.List;
import java.util.Map;

/**
 * Holds a submission's objects in a process of its own and does what it is told. It judges nothing: what comes back is
 * looked at on this side.
 */
public interface Driver extends AutoCloseable {

    /**
     * Asks for one thing and waits for the answer.
     *
     * @throws DriverLost when the process did not answer as it should; it is of no use after that
     */
    Answer ask(Request request) throws DriverLost;

    @Override
    void close();

    /** Opens drivers, one for each program run. */
    interface Source {

        /** @throws DriverLost when none could be started */
        Driver open(Limits limits) throws DriverLost;

        /** Whether the time allowed for the whole submission is used up. */
        boolean exhausted();
    }

    /** What can be asked for. Type names are binary names, parameter types canonical names after erasure. */
    sealed interface Request {

        /** Takes the program in, forgetting all objects and static state of an earlier one. */
        record Load(Program program) implements Request {}

        /** Forgets all objects and static state; the program stays. */
        record Forget() implements Request {}

        /** Takes in a further part, such as a double's type. */
        record Add(Program.Part part) implements Request {}

        record Construct(String type, List<String> parameters, List<Given> arguments) implements Request {}

        /** @param on the object, or null for a static operation */
        record Call(String type, String operation, List<String> parameters, Given.Ref on, List<Given> arguments)
                implements Request {}

        /** The call by so many threads that begin together. */
        record Parallel(Call call, int threads) implements Request {}

        /** @param on the object, or null for a static field or an enum's constant */
        record Read(String type, String field, Given.Ref on) implements Request {}

        record Write(String type, String field, Given.Ref on, Given value) implements Request {}

        /** @param answers what a double gives back, by {@code name(parameter types)}; several are given in turn */
        record Answers(Given.Ref on, Map<String, List<Given>> answers) implements Request {}

        /** Calls to be made whenever a double is asked; what they give back is told with it. */
        record Look(Given.Ref on, List<Call> calls) implements Request {}

        /** All an object keeps, also in what it leads to, those in {@code without} left out. */
        record State(Given.Ref on, List<Given.Ref> without) implements Request {}

        /** Runs the program as a whole. */
        record Main(String type, List<String> arguments, String input) implements Request {}

        /** Runs test classes that were loaded with the program. */
        record Tests(List<String> classes) implements Request {}
    }

    /** A value on its way in. */
    sealed interface Given {
        record Nothing() implements Given {}

        /** @param type a primitive's name, {@code String}, {@code char} or a boxed type's */
        record Simple(String type, String text) implements Given {}

        record Ref(int id, String type) implements Given {}

        /** @param type a collection's or array's type; items of a map are keys and values in turn */
        record Several(String type, List<Given> items) implements Given {}

        /** Made by a static operation of a library type that takes a text. */
        record Parsed(String type, String operation, String text) implements Given {}

        /** As an answer of a double: the double itself. */
        record Itself() implements Given {}
    }

    /**
     * @param value what came back; null when something was thrown
     * @param several what came back from each of several threads; empty where it was not asked for
     * @param named state by the way to it, or files by name; empty where it was not asked for
     * @param tests how tests went; empty where it was not asked for
     * @param endedItself whether the program as a whole ended the process
     * @param thrown what was thrown; null when nothing was
     */
    record Answer(
            Value value,
            List<Answer> several,
            Map<String, String> named,
            List<Test> tests,
            boolean endedItself,
            Thrown thrown,
            List<Event> events) {}

    /**
     * A value on its way out.
     *
     * @param type binary name of its type; null for nothing
     * @param ref the object's id; null for what is no object: nothing, numbers, texts, truth values
     * @param text what it is, for what is no object; else short text for people
     */
    record Value(String type, Given.Ref ref, String text) {

        public static final Value NOTHING = new Value(null, null, "null");

        public boolean isNothing() {
            return type == null;
        }

        /** Whether its text says all of it. */
        public boolean isSimple() {
            return type != null && ref == null;
        }
    }

    /**
     * @param at the line of the program that threw, as {@code File.java:12}; empty where none did
     * @param ours whether the driver could not do it at all, rather than the program having thrown
     */
    record Thrown(String type, String message, String at, boolean ours) {}

    /** @param outcome {@code passed}, {@code failed} or {@code aborted} */
    record Test(String name, String outcome, String message, long milliseconds) {}

    /** What happened before an answer. */
    sealed interface Event {

        /**
         * A double was called.
         *
         * @param seen what was read of others at that moment, as asked for by {@link Request.Look}
         * @param thread 0 for the one that was asked, others by their number
         */
        record Asked(int object, Called called, List<Value> arguments, List<Value> seen, int thread) implements Event {}

        /**
         * An operation of the program was entered.
         *
         * @param object id of the object, below 0 for a static one
         * @param type binary name of the type that declares it
         * @param thread 0 for the one that was asked, others by their number
         */
        record Entered(int object, String type, Called called, List<Value> arguments, int thread) implements Event {}

        /** @param threw simple name of what it was left by; null where it gave back {@code value} */
        record Left(int object, String type, Called called, Value value, String threw, int thread) implements Event {}

        record Printed(String text, boolean error) implements Event {}

        /** No more is told of what is entered. */
        record Cut() implements Event {}
    }

    /** An operation that was called; parameter and result types as they are after erasure. */
    record Called(String name, List<String> parameters, String result) {}
}
