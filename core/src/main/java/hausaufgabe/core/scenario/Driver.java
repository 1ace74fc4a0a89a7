package hausaufgabe.core.scenario;

import java.util.List;
import java.util.Map;
import java.util.Set;

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
        Driver open() throws DriverLost;

        /** Whether the time allowed for the whole submission is used up. */
        boolean exhausted();
    }

    /** What can be asked for. Type names are binary names, parameter types canonical names after erasure. */
    sealed interface Request {

        /** Takes the program in, forgetting all objects and static state of an earlier one. */
        record Load(Map<String, byte[]> program, Set<String> watched) implements Request {}

        record Construct(String type, List<String> parameters, List<Given> arguments) implements Request {}

        /** @param on the object, or null for a static operation */
        record Call(String type, String operation, List<String> parameters, Given.Ref on, List<Given> arguments)
                implements Request {}

        /** The value of a static field or an enum's constant. */
        record ReadStatic(String type, String field) implements Request {}

        /** An object of an abstraction that records its calls and answers by result type. */
        record Double(String type, Map<String, Given> answers) implements Request {}
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
    }

    /**
     * @param value what came back; null when something was thrown
     * @param thrown what was thrown; null when nothing was
     */
    record Answer(Value value, Thrown thrown, List<Event> events) {}

    /**
     * A value on its way out.
     *
     * @param ref the object's id; null for what is no object
     * @param shown short text for people
     */
    record Value(Given.Ref ref, String shown, boolean isNothing) {}

    /** @param ours whether the driver could not do it at all, rather than the program having thrown */
    record Thrown(String type, String message, boolean ours) {}

    /** What happened before an answer. */
    sealed interface Event {

        /** A double or a watched object was called. */
        record Heard(int object, String operation, int parameters) implements Event {}

        record Printed(String text) implements Event {}
    }
}
