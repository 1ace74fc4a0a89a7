package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.scenario.rehearsal.RehearsedCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.List;
import java.util.function.Predicate;

/**
 * Makes on an object the calls that the program's demonstration made on one of its type, in their order. What a program does
 * in its own demonstration it must do with others in the place of those who took part.
 */
final class LifeReplay {

    private static final int MOST_LIVES = 3;
    private static final int MOST_CALLS = 30;

    private final ScenarioContext context;
    private final CallLog log;

    LifeReplay(ScenarioContext context, CallLog log) {
        this.context = context;
        this.log = log;
    }

    /** What the demonstration did with objects of the same type; none where the object is none. */
    List<List<RehearsedCall>> livesLike(Referent on) {
        return on.object() == null || on.type() == null
                ? List.of()
                : context.rehearsal().livesOf(on.knownType(), context.design()).stream()
                        .limit(MOST_LIVES)
                        .toList();
    }

    /** What ends a replay before its last call. */
    interface Goal {
        boolean isReached() throws DriverLost;
    }

    /**
     * @param asked the operations that the step means: what it hands over goes into these
     * @param handedOver what took the place of a participant before: calls that would put another there are left out
     * @return whether the goal was reached
     */
    boolean play(
            List<RehearsedCall> life,
            Referent on,
            ArgumentPool with,
            ArgumentPool handedOver,
            List<Operation> asked,
            Attempts attempts,
            Goal goal)
            throws DriverLost {
        context.transcript().add(LineKind.CALLED, 0, null, "as the program's own demonstration does:");
        int made = 0;
        for (RehearsedCall shown : life) {
            boolean meant = isOneOf(shown.operation(), asked);
            if (made++ >= MOST_CALLS || !meant && handedOver.fitsAny(shown.operation())) {
                continue;
            }
            try {
                List<Input> arguments = context.values().arguments(shown, with.anew());
                log.setFree(!meant);
                Answer came = meant
                        ? log.attempt(context.wording().name(on), on, shown.operation(), arguments, attempts)
                        : log.perform(on, shown.operation(), arguments);
                attempts.replayed += meant && came.thrown() == null ? 1 : 0;
                if (!meant) {
                    String text = context.wording().call("", on, shown.operation(), arguments);
                    context.transcript().called("first, ", Code.of(text));
                }
                if (came.thrown() != null) {
                    log.dropLast();
                }
            } catch (NoValueFound e) {
                continue;
            } finally {
                log.setFree(false);
            }
            if (goal.isReached()) {
                return true;
            }
        }
        return false;
    }

    /**
     * Makes the calls that come before the first one that is meant.
     *
     * @return whether there is one that is meant, with something before it
     */
    boolean prepare(List<RehearsedCall> life, Referent on, ArgumentPool handedOver, Predicate<Operation> meant)
            throws DriverLost {
        int first = 0;
        while (first < life.size() && !meant.test(life.get(first).operation())) {
            first++;
        }
        if (first == 0 || first == life.size()) {
            return false;
        }
        ArgumentPool nothing = context.values().nothing();
        play(life.subList(0, first), on, nothing, handedOver, List.of(), new Attempts(), () -> false);
        return true;
    }

    /** Whether an operation is one of those or a version of it. */
    boolean isOneOf(Operation operation, List<Operation> some) {
        return some.stream()
                .anyMatch(o -> o.equals(operation)
                        || operation.overrides().contains(o.id())
                        || o.overrides().contains(operation.id()));
    }
}
