package hausaufgabe.core.scenario.session;

import hausaufgabe.core.driver.Event.Signature;
import hausaufgabe.core.driver.Observed;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A call that was heard: of a double, or of an operation of the program.
 *
 * @param object id of the object that was called
 * @param outer what the same thread had entered before and not left; null where nothing
 * @param seen what a double saw of others when it was asked
 */
public record HeardCall(
        int object,
        Signature called,
        List<Observed> arguments,
        List<Observed> seen,
        @Nullable HeardCall outer) {}
