package hausaufgabe.core.driver;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a driver answers.
 *
 * @param value what came back; nothing when something was thrown
 * @param several what came back from each of several threads; empty where it was not asked for
 * @param named state by the way to it, or files by name; empty where it was not asked for
 * @param tests how tests went; empty where it was not asked for
 * @param endedItself whether the program as a whole ended the process
 * @param thrown what was thrown; null when nothing was
 * @param events what happened before, in order
 */
public record Answer(
        Observed value,
        List<Answer> several,
        Map<String, String> named,
        List<TestOutcome> tests,
        boolean endedItself,
        @Nullable ThrownError thrown,
        List<Event> events) {

    /** @param outcome {@code passed}, {@code failed} or {@code aborted} */
    public record TestOutcome(String name, String outcome, String message, long milliseconds) {}
}
