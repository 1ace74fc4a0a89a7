package hausaufgabe.core.report;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Who called whom while a program ran, in the order of the calls.
 *
 * @param participants objects and types, in the order in which they were first called
 * @param messages the calls
 * @param brokenAt how many of the calls were made when the first expectation did not hold; null where all held
 * @param cut whether there were more than are kept
 */
public record CallSequence(
        List<Participant> participants,
        List<Message> messages,
        @Nullable Integer brokenAt,
        boolean cut) {

    /**
     * @param id unique in the sequence
     * @param name what the scenario calls it; empty where it does not
     * @param type simple name of its type; empty for what stands in for one
     */
    public record Participant(String id, String name, String type) {}

    /**
     * @param from id of the caller; empty for the scenario itself
     * @param to id of the one called
     * @param operation simple name, {@code new} for a constructor
     * @param arguments short texts
     * @param result short text; null where nothing came back
     * @param thread 0 for the scenario's own, others by their number
     */
    public record Message(
            String from,
            String to,
            String operation,
            List<String> arguments,
            @Nullable String result,
            int thread) {}
}
