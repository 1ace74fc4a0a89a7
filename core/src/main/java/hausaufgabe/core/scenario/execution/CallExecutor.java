package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.ThrownError;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.rehearsal.RehearsedCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Calls operations of the program as steps ask for it. */
public final class CallExecutor {

    /** How often a call that throws is tried, each time with other values. */
    private static final int TRIES = 4;

    private final ScenarioContext context;
    private final CalledOperations called;
    private final CallSearch search;
    private final LifeReplay replay;
    private final Map<Referent, Integer> turns = new HashMap<>();
    private final Map<String, Given> gave = new HashMap<>();
    private final Map<String, StepResult> refusals = new HashMap<>();
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
        this.replay = new LifeReplay(context, log);
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
        if (result.isHeld() && step.result() != null && step.until() == null) {
            noteRefusal(step.result());
        }
        if (result.isHeld() && step.result() != null) {
            keepResult(step.result());
            if (!log.last().isEmpty()) {
                gave.put(
                        step.result(),
                        new Given(step.on(), log.last().get(log.last().size() - 1)));
            }
        }
        return result;
    }

    private void noteRefusal(String result) {
        Answer answer = log.answer();
        ThrownError thrown = answer == null || log.last().isEmpty() ? null : answer.thrown();
        refusals.remove(result);
        if (thrown != null && thrown.isRefusal()) {
            String name = log.last().get(log.last().size() - 1).operation().name();
            refusals.put(
                    result,
                    StepResult.refused(
                            "The program refused it: ",
                            Code.of(name + "()"),
                            " threw ",
                            Code.of(ErrorText.of(thrown)),
                            ". Values that it takes would let this run."));
        }
    }

    /** Why there is no result of this name, where the program refused to give it; nothing where it did not. */
    public Optional<StepResult> refusalOf(String result) {
        return Optional.ofNullable(refusals.get(result));
    }

    /** The call that gave a result, and what it was called on. */
    private record Given(String on, MadeCall call) {}

    /** Makes the call that gave a result once more. */
    public StepResult anew(Step.DoAgain step) throws DriverLost {
        Given given = gave.get(step.first());
        if (given == null) {
            return StepResult.blocked("Nothing was called before that could be done again.");
        }
        Referent on = context.environment().get(given.on());
        log.begin();
        Answer answer = log.attempt(
                given.on(), on, given.call().operation(), given.call().arguments(), new Attempts());
        if (answer.thrown() != null) {
            return StepResult.nothingToShow("What was called before is refused now.");
        }
        keepResult(step.result());
        return StepResult.HELD;
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
        StepResult came = tried(step, on, with, operations, tries, new Attempts());
        boolean refused = log.answer() != null
                && log.answer().thrown() != null
                && log.answer().thrown().isRefusal();
        if (tries > 1 && refused) {
            // what is refused at first may be let through after what the demonstration does before
            ArgumentPool others =
                    context.poolOf(List.copyOf(context.environment().all().values()));
            for (List<RehearsedCall> life : replay.livesLike(on)) {
                int mark = context.transcript().mark();
                Attempts again = new Attempts();
                if (replay.prepare(life, on, others, o -> replay.isOneOf(o, operations))) {
                    StepResult then = tried(step, on, with, operations, tries, again);
                    if (again.returned > 0) {
                        return then;
                    }
                }
                context.transcript().dropSince(mark);
            }
        }
        return came;
    }

    private StepResult tried(
            Step.Call step, Referent first, ArgumentPool with, List<Operation> operations, int tries, Attempts attempts)
            throws DriverLost {
        Referent on = first;
        boolean taken = false;
        StepResult refused = StepResult.HELD;
        for (Operation o : operations) {
            if (!with.isEmpty() && !with.fitsAny(o)) {
                continue;
            }
            taken = true;
            otherValues |= !with.isEmpty() && o.parameters().size() > 1;
            int turn = turn(with.unused());
            for (int tried = 0; tried < tries; tried++) {
                // others come round to the first ones last
                Answer answer;
                int round = turn + (step.others() ? (tried + 1) % TRIES : tried);
                try {
                    answer = log.attempt(step.on(), on, with.anew(), o, round, attempts);
                    refused = StepResult.HELD;
                } catch (NoValueFound e) {
                    refused = StepResult.blocked(
                            Code.of(o.name() + "()"), " could not be called: " + e.getMessage() + ".");
                    break;
                }
                if (answer.thrown() == null) {
                    on = goingOn(step.on(), on, o, answer);
                    break;
                }
                if (tried + 1 == TRIES && answer.thrown().isRefusal()) {
                    Answer found = search.taken(step, on, with, o, attempts).orElse(answer);
                    on = found.thrown() == null ? goingOn(step.on(), on, o, found) : on;
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

    /** From here on the name stands for what goes on after the call. */
    private Referent goingOn(String name, Referent on, Operation o, Answer answer) {
        ObjectRef object = on.object();
        ObjectRef after = object == null || on.type() == null ? null : context.after(object, on.knownType(), o, answer);
        if (object == null || after == null || after.id() == object.id() || on.isDouble()) {
            return on;
        }
        Referent next = Referent.made(on.role(), on.knownType(), after, false);
        context.environment().put(name, next);
        return next;
    }

    /** Makes the last step's calls on another object. */
    public StepResult again(String variable) throws DriverLost {
        Referent on = context.environment().get(variable);
        List<MadeCall> same = List.copyOf(log.last());
        if (same.isEmpty()) {
            return StepResult.blocked("Nothing was called before that could be done again.");
        }
        boolean alike = tellTheSameBefore(on);
        for (MadeCall made : same) {
            String text = context.wording().call(variable, on, made.operation(), made.arguments());
            context.transcript().called(Code.of(text));
            Answer answer = log.again(on, made);
            if (answer.thrown() != null) {
                context.transcript().came("threw ", Code.of(ErrorText.of(answer.thrown())));
                return answer.thrown().isRefusal() ? afterwards(on, made, answer, alike) : StepResult.HELD;
            }
        }
        return StepResult.HELD;
    }

    /**
     * Tells an object what the other one had been told before, without handing over anything that has a name.
     *
     * @return whether it took what the other one took
     */
    private boolean tellTheSameBefore(Referent on) throws DriverLost {
        boolean alike = true;
        for (MadeCall before : log.toldBefore()) {
            boolean named = before.arguments().stream()
                    .anyMatch(a -> a instanceof ObjectRef r
                            && context.environment().nameOf(r).isPresent());
            if (!named && on.object() != null) {
                Answer came = context.callOn(on.object(), on.knownType(), before.operation(), before.arguments());
                alike &= came.thrown() == null || !came.thrown().isRefusal();
            }
        }
        return alike;
    }

    /** What an object refuses as it is it may do after what the demonstration does first; a refusal alone shows nothing. */
    private StepResult afterwards(Referent on, MadeCall refused, Answer came, boolean alike) throws DriverLost {
        ArgumentPool others =
                context.poolOf(List.copyOf(context.environment().all().values()));
        List<MadeCall> last = List.copyOf(log.last());
        try {
            for (List<RehearsedCall> life : replay.livesLike(on)) {
                boolean prepared =
                        replay.prepare(life, on, others, o -> replay.isOneOf(o, List.of(refused.operation())));
                if (prepared) {
                    ThrownError then = log.again(on, refused).thrown();
                    if (then == null || !then.isRefusal()) {
                        return StepResult.HELD;
                    }
                }
            }
        } finally {
            log.last().clear();
            log.last().addAll(last);
        }
        log.setAnswer(came);
        if (alike) {
            return StepResult.HELD;
        }
        return StepResult.blocked(
                "The program refused it: ",
                Code.of(refused.operation().name() + "()"),
                " threw ",
                Code.of(came.thrown() == null ? "" : ErrorText.of(came.thrown())),
                ". An order of calls that it takes would let this run.");
    }
}
