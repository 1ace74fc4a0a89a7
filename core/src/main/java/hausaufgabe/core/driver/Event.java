package hausaufgabe.core.driver;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What happened before an answer. */
public sealed interface Event {

    /**
     * A double was called.
     *
     * @param seen what was read of others at that moment, as asked for by {@link Request.Watch}
     * @param thread 0 for the one that was asked, others by their number
     */
    record DoubleCalled(int object, Signature called, List<Observed> arguments, List<Observed> seen, int thread)
            implements Event {}

    /**
     * An operation of the program was entered.
     *
     * @param object id of the object, below 0 for a static one
     * @param type token of the type that declares it
     * @param thread 0 for the one that was asked, others by their number
     */
    record Entered(int object, String type, Signature called, List<Observed> arguments, int thread) implements Event {}

    /** @param threw simple name of what it was left by; null where it gave back {@code value} */
    record Left(
            int object,
            String type,
            Signature called,
            @Nullable Observed value,
            @Nullable String threw,
            int thread) implements Event {}

    record Printed(String text, boolean error) implements Event {}

    /** No more is told of what is entered. */
    record Cut() implements Event {}

    /**
     * An operation that was called.
     *
     * @param name its name; {@link #CONSTRUCTOR} for what makes an object
     * @param parameters tokens of its parameter types
     * @param result token of its result type; empty where it gives nothing back
     */
    record Signature(String name, List<String> parameters, String result) {
        public static final String CONSTRUCTOR = "new";
    }
}
