package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ThrownError;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Makes calls and keeps what was called and what came of it. */
final class CallLog {

    private final ScenarioContext context;
    private final List<MadeCall> history = new ArrayList<>();
    private final List<MadeCall> last = new ArrayList<>();
    private @Nullable Answer answer;
    private final Map<Integer, List<MadeCall>> told = new HashMap<>();
    private @Nullable Referent lastOn;
    private boolean free;

    CallLog(ScenarioContext context) {
        this.context = context;
    }

    /** A new step begins. */
    void begin() {
        last.clear();
    }

    /** The calls that ended a step, in order. */
    List<MadeCall> history() {
        return history;
    }

    /** The calls of the step under way or of the last one. */
    List<MadeCall> last() {
        return last;
    }

    /** What the last call came to; null before the first. */
    @Nullable
    Answer answer() {
        return answer;
    }

    void setAnswer(Answer came) {
        answer = came;
    }

    /** Whether the call under way is one that the scenario does not name. */
    boolean isFree() {
        return free;
    }

    void setFree(boolean free) {
        this.free = free;
    }

    /** @throws NoValueFound where no values are found for it */
    Answer attempt(String name, Referent on, ArgumentPool with, Operation o, int round, Attempts attempts)
            throws DriverLost, NoValueFound {
        List<Input> arguments = on.type() == null
                ? context.values().arguments(o, with, round)
                : context.values().arguments(o, on.knownType(), with, round);
        return attempt(name, on, o, arguments, attempts);
    }

    Answer attempt(String name, Referent on, Operation o, List<Input> arguments, Attempts attempts) throws DriverLost {
        String text = context.wording().call(name, on, o, arguments);
        attempts.made++;
        context.transcript().called(Code.of(text));
        Answer came = perform(on, o, arguments);
        ThrownError thrown = came.thrown();
        if (thrown == null) {
            attempts.returned++;
            if (o.result() != null) {
                context.transcript()
                        .came("gave back ", Code.of(context.wording().shown(came.value())));
            }
            return came;
        }
        context.transcript().came("threw ", Code.of(ErrorText.of(thrown)));
        attempts.problem = attempts.problem == null ? o.name() + "() threw " + ErrorText.of(thrown) : attempts.problem;
        if (thrown.isCollapse()) {
            attempts.collapse = attempts.collapse == null
                    ? Transcript.say(Code.of(text), " " + ErrorText.collapse(thrown) + ".")
                    : attempts.collapse;
        } else if (thrown.isRefusal()) {
            attempts.refused++;
            attempts.refusal = attempts.refusal == null ? text + " threw " + ErrorText.of(thrown) : attempts.refusal;
        }
        return came;
    }

    /** What was called last belongs to what is done again no longer. */
    void dropLast() {
        last.remove(last.size() - 1);
    }

    Answer perform(Referent on, Operation o, List<Input> arguments) throws DriverLost {
        Answer came = context.session().perform(context.call(on.object(), on.knownType(), o, arguments));
        MadeCall made = new MadeCall(o, arguments);
        answer = came;
        last.add(made);
        lastOn = on;
        if (on.object() != null) {
            told.computeIfAbsent(on.object().id(), id -> new ArrayList<>()).add(made);
        }
        return came;
    }

    /** What the object that was called last was told before the calls of the last step, in order. */
    List<MadeCall> toldBefore() {
        List<MadeCall> before = lastOn == null || lastOn.object() == null
                ? new ArrayList<>()
                : new ArrayList<>(told.getOrDefault(lastOn.object().id(), List.of()));
        before.removeIf(m -> last.stream().anyMatch(l -> l == m));
        return before;
    }

    /** A call that was made before, on another object; it belongs to no step. */
    Answer again(Referent on, MadeCall made) throws DriverLost {
        Answer came = context.session()
                .perform(context.call(on.object(), on.knownType(), made.operation(), made.arguments()));
        answer = came;
        return came;
    }
}
