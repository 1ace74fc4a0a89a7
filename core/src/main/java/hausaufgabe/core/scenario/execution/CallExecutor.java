package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Calls operations of the program as steps ask for it. */
public final class CallExecutor {

    /** How often a call that throws is tried, each time with other values. */
    private static final int TRIES = 4;

    private final ScenarioContext context;
    private final CalledOperations called;
    private final CallSearch search;
    private final Map<Referent, Integer> turns = new HashMap<>();
    private final boolean distinct;
    private final CallLog log;
    private boolean otherValues;

    /** @param distinct whether what is handed over by itself goes along with other values each time, as keys have to */
    public CallExecutor(ScenarioContext context, boolean distinct) {
        this.context = context;
        this.distinct = distinct;
        this.called = new CalledOperations(context);
        this.log = new CallLog(context);
        this.search = new CallSearch(context, log, called);
    }

    /** Whether something was handed over together with other values, so that other ones may make a difference. */
    public boolean hasOtherValues() {
        return otherValues;
    }

    /** Whether the call under way is one that the scenario does not name, so that its not ending shows nothing. */
    public boolean isFree() {
        return log.isFree();
    }

    /** The calls that ended a step, in order. */
    public List<MadeCall> history() {
        return log.history();
    }

    /** What the last call came to; null before the first. */
    public @Nullable Answer answer() {
        return log.answer();
    }

    public StepResult call(Step.Call step) throws DriverLost {
        return call(step, TRIES);
    }

    /** Calls with one set of values only, since here an error is what is looked for. */
    public StepResult callOnce(Step.Call step) throws DriverLost {
        return call(step, 1);
    }

    private StepResult call(Step.Call step, int tries) throws DriverLost {
        Referent on = context.environment().get(step.on());
        ArgumentPool with = context.pool(step.with());
        List<Operation> operations = called.of(step, on);
        if (operations.isEmpty()) {
            return StepResult.blocked(
                    "It is not known which operation of ", CallWording.subject(on, step.on()), " to call.");
        }
        log.begin();
        StepResult result = step.until() == null
                ? once(step, on, with, operations, tries)
                : search.until(step, on, with, operations);
        if (result.isHeld() && step.result() != null) {
            keepResult(step.result());
        }
        return result;
    }

    private void keepResult(String name) {
        List<MadeCall> last = log.last();
        if (!last.isEmpty() && last.get(last.size() - 1).operation().result() == null) {
            context.environment().put(name, Referent.results(List.of()));
            return;
        }
        Answer answer = log.answer();
        Observed v = answer == null ? Observed.NOTHING : answer.value();
        context.environment().put(name, Referent.result(v.ref() == null ? null : typeOf(v.ref()), v));
    }

    private @Nullable Type typeOf(ObjectRef ref) {
        return context.environment().all().values().stream()
                .filter(c -> c.object() != null && c.object().id() == ref.id())
                .map(Referent::type)
                .filter(Objects::nonNull)
                .findFirst()
                .orElseGet(() -> context.design().type(ref.type()).orElse(null));
    }

    /** The first of the samples to go along with what is handed over: the same for the same thing. */
    private int turn(List<Referent> handedOver) {
        if (!distinct || handedOver.isEmpty()) {
            return 0;
        }
        return turns.computeIfAbsent(handedOver.get(0), c -> turns.size());
    }

    private StepResult once(Step.Call step, Referent on, ArgumentPool with, List<Operation> operations, int tries)
            throws DriverLost {
        Attempts attempts = new Attempts();
        boolean taken = false;
        StepResult refused = StepResult.HELD;
        for (Operation o : operations) {
            if (!with.isEmpty() && !with.fitsAny(o)) {
                continue;
            }
            taken = true;
            otherValues |= !with.isEmpty() && o.parameters().size() > 1;
            int first = turn(with.unused());
            for (int tried = 0; tried < tries; tried++) {
                // others come round to the first ones last
                Answer answer;
                int round = first + (step.others() ? (tried + 1) % TRIES : tried);
                try {
                    answer = log.attempt(step.on(), on, with.anew(), o, round, attempts);
                    refused = StepResult.HELD;
                } catch (NoValueFound e) {
                    refused = StepResult.blocked(
                            Code.of(o.name() + "()"), " could not be called: " + e.getMessage() + ".");
                    break;
                }
                if (answer.thrown() == null) {
                    break;
                }
            }
        }
        if (!taken) {
            return StepResult.blocked(
                    "No operation of ", CallWording.subject(on, step.on()), " takes what is to be handed over.");
        }
        if (!refused.isHeld()) {
            return refused;
        }
        if (attempts.returned == 0 && attempts.collapse != null && attempts.refused == 0 && tries > 1) {
            context.transcript().expected(false, "the call to come back; it ", attempts.collapse);
            return new StepResult.Failed(attempts.collapse);
        }
        return StepResult.HELD;
    }

    /** Makes the last step's calls on another object. */
    public StepResult again(String variable) throws DriverLost {
        Referent on = context.environment().get(variable);
        List<MadeCall> same = List.copyOf(log.last());
        if (same.isEmpty()) {
            return StepResult.blocked("Nothing was called before that could be done again.");
        }
        for (MadeCall made : same) {
            String text = context.wording().call(variable, on, made.operation(), made.arguments());
            context.transcript().called(Code.of(text));
            Answer answer = log.again(on, made);
            if (answer.thrown() != null) {
                context.transcript().came("threw ", Code.of(ErrorText.of(answer.thrown())));
                return StepResult.HELD;
            }
        }
        return StepResult.HELD;
    }
}
