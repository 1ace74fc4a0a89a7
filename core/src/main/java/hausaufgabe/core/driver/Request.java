package hausaufgabe.core.driver;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What can be asked of a driver. Types and operations are named by tokens that the language's reader made: a type by its
 * id in the design, an operation by its name and the tokens of its parameter types.
 */
public sealed interface Request {

    /** Takes the program in, forgetting all objects and static state of an earlier one. */
    record Load(Program program) implements Request {}

    /** Forgets all objects and static state; the program stays. */
    record Forget() implements Request {}

    /** Takes in a further part, such as a double's type. */
    record Add(Program.Part part) implements Request {}

    record Construct(String type, List<String> parameters, List<Input> arguments) implements Request {}

    /** @param on the object, or null for a static operation */
    record Call(
            String type,
            String operation,
            List<String> parameters,
            @Nullable ObjectRef on,
            List<Input> arguments) implements Request {}

    /** The call by so many threads that begin together. */
    record Parallel(Call call, int threads) implements Request {}

    /** @param on the object, or null for a static field or an enum's constant */
    record Read(String type, String field, @Nullable ObjectRef on) implements Request {}

    record Write(String type, String field, @Nullable ObjectRef on, Input value) implements Request {}

    /** Whether the first says that it equals the second, in the language's own way. */
    record AreEqual(ObjectRef first, ObjectRef second) implements Request {}

    /** @param answers what a double gives back, by {@code name(parameter types)}; several are given in turn */
    record Answers(ObjectRef on, Map<String, List<Input>> answers) implements Request {}

    /** Calls to be made whenever a double is asked; what they give back is told with it. */
    record Watch(ObjectRef on, List<Call> calls) implements Request {}

    /** All an object keeps, also in what it leads to, those in {@code without} left out. */
    record State(ObjectRef on, List<ObjectRef> without) implements Request {}

    /**
     * Runs the program as a whole.
     *
     * @param rehearsal whether it is run to see how the program uses itself: what is entered is told at greater length, what
     *     containers hold with it, and the driver waits no longer than for any other call
     */
    record Main(String type, List<String> arguments, String input, boolean rehearsal) implements Request {

        /** A run of which what it prints and writes is looked at. */
        public Main(String type, List<String> arguments, String input) {
            this(type, arguments, input, false);
        }
    }

    /** Runs test classes that were loaded with the program. */
    record Tests(List<String> classes) implements Request {}
}
