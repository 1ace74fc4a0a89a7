package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Type;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Value;
import java.util.List;

/**
 * What a name of a scenario stands for.
 *
 * @param role the role it plays; null for a result
 * @param type its type; null where it is no object of the program
 * @param object null for a role whose operations are static, and for what is no object
 * @param value what a call gave back; null for what was made
 * @param several what came back from several threads or turns; empty where there was one
 * @param isDouble whether it stands in for the role and answers what it is told to
 */
record Cast(String role, Type type, Given.Ref object, Value value, List<Value> several, boolean isDouble) {

    /** What {@code null} in a scenario stands for. */
    static final Cast NULL = new Cast("null", null, null, Value.NOTHING, List.of(), false);

    static Cast made(String role, Type type, Given.Ref object, boolean isDouble) {
        return new Cast(role, type, object, null, List.of(), isDouble);
    }

    static Cast result(Type type, Value value) {
        return new Cast(null, type, value.ref(), value, List.of(), false);
    }

    static Cast results(List<Value> several) {
        return new Cast(null, null, null, null, several, false);
    }
}
