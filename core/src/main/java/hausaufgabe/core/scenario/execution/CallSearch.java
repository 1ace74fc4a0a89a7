package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.rehearsal.RehearsedCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import hausaufgabe.core.scenario.value.ValueGenerator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Calls with other values, and after other calls, until something is heard. */
final class CallSearch {

    /** In how many rounds, after the first, doubles are told to answer otherwise. */
    private static final int OTHER_ANSWERS = 3;

    /** How often one call is made again because it reached another one each time. */
    private static final int MOST_TURNS = 4;

    private final ScenarioContext context;
    private final Design design;
    private final CallLog log;
    private final CalledOperations called;
    private final Handover handover;
    private final LifeReplay replay;
    private final List<Referent> heardOn = new ArrayList<>();

    CallSearch(ScenarioContext context, CallLog log, CalledOperations called) {
        this.context = context;
        this.design = context.design();
        this.log = log;
        this.called = called;
        this.handover = new Handover(context);
        this.replay = new LifeReplay(context, log);
    }

    StepResult until(Step.Call step, Referent on, ArgumentPool with, List<Operation> operations) throws DriverLost {
        Attempts attempts = new Attempts();
        int earlier = (int) heardOn.stream().filter(on::equals).count();
        for (int round = 0; round < ValueGenerator.ROUNDS; round++) {
            if (round > 0 && round <= OTHER_ANSWERS) {
                // doubles that answer yes may keep others from being asked, and such that answer no may
                context.doubles().answerOtherwise(round);
            }
            // not with the values of an earlier step, so that something changes
            if (heardInRound(step, on, with, operations, round + earlier, attempts)
                    || round == 0 && heardInReplay(step, on, with, operations, attempts)) {
                return heard(step, on);
            }
        }
        if (attempts.refused > 0 && heardWithSearched(step, on, with, operations, attempts)) {
            return heard(step, on);
        }
        log.setFree(false);
        return new UnheardCall(context).because(step, operations, attempts);
    }

    private StepResult heard(Step.Call step, Referent on) {
        context.transcript().came(Code.of(step.awaited().variable()), " was called");
        log.history().add(log.last().get(log.last().size() - 1));
        heardOn.add(on);
        log.setFree(false);
        return StepResult.HELD;
    }

    /** With arguments that are looked for one by one, since none of those made together were taken. */
    private boolean heardWithSearched(
            Step.Call step, Referent on, ArgumentPool with, List<Operation> operations, Attempts attempts)
            throws DriverLost {
        for (Operation o : operations) {
            if (o.parameters().isEmpty() || !with.isEmpty() && !with.fitsAny(o)) {
                continue;
            }
            log.last().clear();
            taken(step, on, with, o, attempts);
            if (isHeard(step)) {
                return true;
            }
        }
        return false;
    }

    /**
     * What came of a call with arguments that are looked for one by one; nothing where none could be made at all. Only the
     * last call stays in the transcript.
     */
    Optional<Answer> taken(Step.Call step, Referent on, ArgumentPool with, Operation o, Attempts attempts)
            throws DriverLost {
        int mark = context.transcript().mark();
        try {
            ArgumentPool pool = with.anew();
            List<Input> first = on.type() == null
                    ? context.values().arguments(o, pool, 0)
                    : context.values().arguments(o, on.knownType(), pool, 0);
            return Optional.of(context.values().searched(o, first, with.anew(), arguments -> {
                context.transcript().dropSince(mark);
                if (!log.last().isEmpty()
                        && log.answer() != null
                        && log.answer().thrown() != null) {
                    log.dropLast();
                }
                return log.attempt(step.on(), on, o, arguments, attempts);
            }));
        } catch (NoValueFound e) {
            attempts.problem = attempts.problem == null ? e.getMessage() : attempts.problem;
            return Optional.empty();
        }
    }

    /**
     * Calls with one set of values: as the object is, then after it was given what is to be handed over in another way, then
     * with something to work on, then after each of what may start it.
     */
    private boolean heardInRound(
            Step.Call step, Referent on, ArgumentPool with, List<Operation> operations, int round, Attempts attempts)
            throws DriverLost {
        log.last().clear();
        if (heardAfterCalling(step, on, with, operations, round, attempts)) {
            return true;
        }
        int mark = context.transcript().mark();
        if (!with.isEmpty() && on.object() != null && givenOtherwise(on, with, round)) {
            ArgumentPool nothing = context.values().nothing();
            if (heardAfterCalling(step, on, nothing, operations, round, attempts)) {
                return true;
            }
        }
        feed(on, with, round);
        if (heardAfterCalling(step, on, with, operations, round, attempts)) {
            return true;
        }
        for (Operation starter : called.starters(on)) {
            log.setFree(true);
            log.perform(on, starter, List.of());
            context.transcript().called("first, ", Code.of(starter.name() + "()"));
            if (isHeard(step) || heardAfterCalling(step, on, with, operations, round, attempts)) {
                return true;
            }
        }
        log.setFree(false);
        context.transcript().dropSince(mark);
        return false;
    }

    /** As the demonstration uses objects of this type, with what is listened to in the place of one that took part there. */
    private boolean heardInReplay(
            Step.Call step, Referent on, ArgumentPool with, List<Operation> operations, Attempts attempts)
            throws DriverLost {
        ArgumentPool listener =
                context.poolOf(List.of(context.environment().get(step.awaited().variable())));
        for (List<RehearsedCall> life : replay.livesLike(on)) {
            int mark = context.transcript().mark();
            log.last().clear();
            if (replay.play(life, on, with, listener, operations, attempts, new Turns(step, on, attempts))) {
                return true;
            }
            context.transcript().dropSince(mark);
        }
        return false;
    }

    private boolean isHeard(Step.Call step) {
        ObjectRef listener =
                context.environment().get(step.awaited().variable()).object();
        return context.session()
                        .count(
                                listener,
                                context.binding().operations(step.awaited().member()))
                > 0;
    }

    private boolean givenOtherwise(Referent on, ArgumentPool with, int round) throws DriverLost {
        boolean given = false;
        for (Referent c : with.anew().unused()) {
            Optional<Handover.Given> made =
                    handover.give(on.knownObject(), on.knownType(), c, round, new ArrayList<>());
            if (made.isPresent()) {
                tellFirst(on, made.get().call());
                log.last().add(made.get().call());
                given = true;
            }
        }
        return given;
    }

    private void tellFirst(Referent on, MadeCall made) {
        String text = context.wording().call("", on, made.operation(), made.arguments());
        context.transcript().called("first, ", Code.of(text));
    }

    /** Only what led somewhere, and the very first calls, stay in the transcript. */
    private boolean heardAfterCalling(
            Step.Call step, Referent on, ArgumentPool with, List<Operation> operations, int round, Attempts attempts)
            throws DriverLost {
        boolean first = attempts.made == 0;
        boolean anyTakes = operations.stream().anyMatch(with::fitsAny);
        for (Operation o : operations) {
            if (!with.isEmpty() && !with.fitsAny(o) && anyTakes) {
                continue;
            }
            int mark = context.transcript().mark();
            int done = log.last().size();
            log.setFree(
                    step.member().equals(Scenario.ANYTHING) && o.parameters().isEmpty());
            Turns turns = new Turns(step, on, attempts);
            try {
                log.attempt(step.on(), on, with.anew(), o, round, attempts);
            } catch (NoValueFound e) {
                attempts.problem = attempts.problem == null ? e.getMessage() : attempts.problem;
            }
            log.setFree(false);
            if (turns.isReached()) {
                return true;
            }
            if (!first) {
                context.transcript().dropSince(mark);
            }
            // what led nowhere may still have changed the object, and belongs to what is done again
            if (log.answer() != null && log.answer().thrown() != null) {
                while (log.last().size() > done) {
                    log.last().remove(log.last().size() - 1);
                }
            }
        }
        return false;
    }

    /**
     * Whether the awaited one is heard, or comes to be heard by the same call once more for as long as each reaches another of
     * those that play its role: what takes one after the other comes to it in its turn. What the scenario names is only called
     * as it says.
     */
    private final class Turns implements LifeReplay.Goal {
        private final Step.Call step;
        private final Referent on;
        private final Attempts attempts;
        private int others;

        /** To be made before the calls. */
        Turns(Step.Call step, Referent on, Attempts attempts) {
            this.step = step;
            this.on = on;
            this.attempts = attempts;
            this.others = heardByOthers(step);
        }

        /** To be asked after each call. */
        @Override
        public boolean isReached() throws DriverLost {
            for (int i = 0; i < MOST_TURNS && !isHeard(step) && reachedAnother(); i++) {
                MadeCall made = log.last().get(log.last().size() - 1);
                log.attempt(step.on(), on, made.operation(), made.arguments(), attempts);
            }
            return isHeard(step);
        }

        private boolean reachedAnother() {
            int before = others;
            others = heardByOthers(step);
            Answer last = log.answer();
            return step.member().equals(Scenario.ANYTHING) && others > before && last != null && last.thrown() == null;
        }
    }

    /** How often anything else in the scenario was asked for what is awaited of one. */
    private int heardByOthers(Step.Call step) {
        ObjectRef awaited = context.environment().get(step.awaited().variable()).object();
        List<Operation> heard = context.binding().operations(step.awaited().member());
        return context.environment().all().values().stream()
                .map(Referent::object)
                .filter(o -> o != null && !o.equals(awaited))
                .mapToInt(o -> context.session().count(o, heard))
                .sum();
    }

    /** Calls what else the object offers for being given something, so that it has something to work on. */
    private void feed(Referent on, ArgumentPool with, int round) throws DriverLost {
        if (on.object() == null) {
            return;
        }
        List<Operation> bound = context.binding().operations().values().stream()
                .flatMap(List::stream)
                .toList();
        List<Referent> others = context.environment().all().values().stream()
                .filter(c ->
                        c.object() != null && c.object().id() != on.object().id())
                .toList();
        for (Operation o : design.methodsOf(on.knownType())) {
            boolean feeds = !o.isStatic()
                    && design.bodies().isOpen(o)
                    && !o.parameters().isEmpty()
                    && !bound.contains(o)
                    && others.stream().noneMatch(c -> context.poolOf(List.of(c)).fitsAny(o));
            if (feeds) {
                // twice, since some work begins only with a second thing to work on
                feed(on, with, o, round);
                feed(on, with, o, round + 1);
            }
        }
    }

    private void feed(Referent on, ArgumentPool with, Operation o, int round) throws DriverLost {
        try {
            List<Input> arguments = context.values().arguments(o, with.anew(), round);
            log.setFree(true);
            log.perform(on, o, arguments);
            log.setFree(false);
            tellFirst(on, new MadeCall(o, arguments));
        } catch (NoValueFound e) {
            // one way less to fill the object; the others may do
        }
    }
}
