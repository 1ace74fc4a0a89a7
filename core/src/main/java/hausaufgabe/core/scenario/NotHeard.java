package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Quantity;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.Account.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What it means that a call was not heard. It is a fault where another object of the role was heard instead, or where the
 * code holds no path to the call; where it holds one that these values did not take, nothing is shown.
 */
final class NotHeard {

    private final Design design;
    private final Binding binding;
    private final Judge judge;
    private final Stage stage;
    private final Account account;
    private final Casting casting;

    NotHeard(Design design, Binding binding, Judge judge, Stage stage, Account account, Casting casting) {
        this.design = design;
        this.binding = binding;
        this.judge = judge;
        this.stage = stage;
        this.account = account;
        this.casting = casting;
    }

    /**
     * @param attempts the calls that were made
     */
    Ended because(Step.Call step, Cast on, List<Operation> operations, Calling.Attempts attempts) throws Ended {
        String wanted = step.until().variable();
        List<Operation> heard = binding.operations(step.until().member());
        for (Map.Entry<String, Cast> other : casting.cast().entrySet()) {
            boolean answers = !other.getKey().equals(wanted)
                    && other.getValue().role() != null
                    && other.getValue().role().equals(casting.named(wanted).role())
                    && stage.count(other.getValue().object(), heard) > 0;
            if (answers) {
                return instead(wanted, other.getKey());
            }
        }
        if (attempts.returned == 0) {
            return neverReturned(attempts);
        }
        if (step.member().equals(Scenario.ANYTHING) && isOnlyCalledWhenTaken(operations, heard)) {
            return new Ended(null, Account.say("It is called when it is taken and at no other time."));
        }
        account.add(LineKind.EXPECTED, 0, false, Code.of(wanted), " called; it was not");
        if (hasPath(step, operations, heard)) {
            return Ended.unheard(Account.say("The code has a way to the call, but none of the values tried took it."));
        }
        return never(step, operations, heard, attempts.made);
    }

    private Ended neverReturned(Calling.Attempts attempts) {
        if (attempts.collapse != null && attempts.refused == 0) {
            account.add(LineKind.EXPECTED, 0, false, "the call to come back; ", attempts.collapse);
            return new Ended(Outcome.FAILED, attempts.collapse);
        }
        String why = attempts.problem == null ? "no values were found to call it with" : attempts.problem;
        account.add(LineKind.STOPPED, 0, null, why);
        return new Ended(
                Outcome.BLOCKED,
                attempts.refusal != null && attempts.refused == attempts.made
                        ? Account.say(
                                "The program refused every call that was tried: ",
                                Code.of(attempts.refusal),
                                ". Values that it takes would let this run.")
                        : Account.say("It could not be called to the end: " + why + "."));
    }

    private Ended instead(String wanted, String other) {
        account.add(
                LineKind.EXPECTED,
                0,
                false,
                Code.of(wanted),
                " called; but it was ",
                Code.of(other),
                " that was called");
        return new Ended(
                Outcome.FAILED,
                Account.say("Expected ", Code.of(wanted), " to be called; ", Code.of(other), " was called instead."));
    }

    private Ended never(Step.Call step, List<Operation> operations, List<Operation> heard, int made) throws Ended {
        Cast wanted = casting.named(step.until().variable());
        String who = operations.stream()
                .map(o -> o.name() + "()")
                .distinct()
                .limit(4)
                .collect(Collectors.joining(", "));
        return new Ended(
                Outcome.FAILED,
                Account.say(
                        Code.of(who),
                        operations.size() == 1 ? " was" : " were",
                        " called " + made + (made == 1 ? " time" : " times") + " in all and never called ",
                        heard.isEmpty() ? "it" : Code.of(heard.get(0).name() + "()"),
                        " of ",
                        Casting.code(wanted.type(), wanted.role()),
                        "."));
    }

    /** Whether all calls there are go to what is handed over just then, in order to be kept: as an index does. */
    private boolean isOnlyCalledWhenTaken(List<Operation> operations, List<Operation> heard) {
        List<Bodies.Step> calls = callsOf(operations, heard);
        return !calls.isEmpty()
                && calls.stream()
                        .allMatch(s -> design.bodies().origins(((Fact.Call) s.fact()).receiver(), s).stream()
                                .allMatch(v -> v instanceof Value.OfParameter p && keeps(s, p)));
    }

    private boolean keeps(Bodies.Step step, Value.OfParameter parameter) {
        return step.in().body().stream()
                .map(f -> f instanceof Fact.Put p ? p.value() : f instanceof Fact.Write w ? w.value() : null)
                .anyMatch(v -> v != null && design.bodies().origins(v, step).contains(parameter));
    }

    private List<Bodies.Step> callsOf(List<Operation> operations, List<Operation> heard) {
        return operations.stream()
                .flatMap(o -> design.bodies().reachedFrom(o).stream())
                .filter(s -> s.fact() instanceof Fact.Call c
                        && c.operation() != null
                        && heard.stream().anyMatch(h -> design.isSameCall(c.operation(), h)))
                .toList();
    }

    /** For a member of the pattern by the relations that say so; for anything else by any call on the way. */
    private boolean hasPath(Step.Call step, List<Operation> operations, List<Operation> heard) {
        if (binding.operations(step.member()).isEmpty() || binding.fields().isEmpty()) {
            return !callsOf(operations, heard).isEmpty();
        }
        String member = step.until().member();
        List<Condition> ways = new ArrayList<>();
        if (!step.with().isEmpty()) {
            ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_PARAMETER, member)));
        }
        binding.fields().keySet().forEach(f -> {
            ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_ON, member, f)));
            ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_EACH, member, f)));
            ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_ONE_OF, member, f)));
        });
        return ways.stream().map(c -> judge.status(c, binding)).anyMatch(s -> s == Status.MET || s == Status.UNCLEAR);
    }

    private static Condition some(String member, Predicate predicate) {
        return new Condition(Quantity.SOME, 0, member, predicate, false);
    }
}
