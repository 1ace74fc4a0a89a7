package hausaufgabe.core.scenario.rehearsal;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Observed;
import java.util.List;

/**
 * One call of an operation of the program, as its demonstration made it.
 *
 * @param number its place among all calls, in the order in which they were entered
 * @param last number of the last call that was entered before it was left
 * @param object number of the object it was called on or that it made; below 0 for a static one
 * @param caller number of the object whose operation called it; below 0 for a static one or nobody
 * @param cameBack whether it came to its end without an error
 * @param result what it gave back; nothing where it gives nothing back or did not come back
 */
public record RehearsedCall(
        int number,
        int last,
        Operation operation,
        int object,
        int caller,
        List<Observed> arguments,
        boolean cameBack,
        Observed result) {

    /** Whether an object's own operation called it on that object. */
    public boolean isOnItself() {
        return object >= 0 && object == caller;
    }

    RehearsedCall ended(int lastWithin, boolean back, Observed value) {
        return new RehearsedCall(number, lastWithin, operation, object, caller, arguments, back, value);
    }
}
