package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.relation.OperationRelations;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What it means that a call was not heard. It is a fault where another object of the role was heard instead, or where the
 * code holds no path to the call; where it holds one that these values did not take, nothing is shown.
 */
final class UnheardCall {

    private final ScenarioContext context;
    private final Design design;
    private final Binding binding;
    private final Transcript transcript;

    UnheardCall(ScenarioContext context) {
        this.context = context;
        this.design = context.design();
        this.binding = context.binding();
        this.transcript = context.transcript();
    }

    /** @param attempts the calls that were made */
    StepResult because(Step.Call step, List<Operation> operations, Attempts attempts) {
        String wanted = step.awaited().variable();
        List<Operation> heard = binding.operations(step.awaited().member());
        for (Map.Entry<String, Referent> other : context.environment().all().entrySet()) {
            boolean answers = !other.getKey().equals(wanted)
                    && other.getValue().role() != null
                    && other.getValue()
                            .role()
                            .equals(context.environment().get(wanted).role())
                    && context.session().count(other.getValue().object(), heard) > 0;
            if (answers) {
                return instead(wanted, other.getKey());
            }
        }
        if (attempts.returned == 0) {
            return neverReturned(attempts);
        }
        if (step.member().equals(Scenario.ANYTHING) && isOnlyCalledWhenTaken(operations, heard)) {
            return StepResult.nothingToShow("It is called when it is taken and at no other time.");
        }
        transcript.expected(false, Code.of(wanted), " called; it was not");
        if (hasPath(step, operations, heard)) {
            return StepResult.unheard("The code has a way to the call, but none of the values tried took it.");
        }
        return never(step, operations, heard, attempts.made);
    }

    private StepResult neverReturned(Attempts attempts) {
        if (attempts.collapse != null && attempts.refused == 0) {
            transcript.expected(false, "the call to come back; ", attempts.collapse);
            return new StepResult.Failed(attempts.collapse);
        }
        String why = attempts.problem == null ? "no values were found to call it with" : attempts.problem;
        transcript.stopped(null, why);
        return attempts.refusal != null && attempts.refused == attempts.made
                ? StepResult.blocked(
                        "The program refused every call that was tried: ",
                        Code.of(attempts.refusal),
                        ". Values that it takes would let this run.")
                : StepResult.blocked("It could not be called to the end: " + why + ".");
    }

    private StepResult instead(String wanted, String other) {
        transcript.expected(false, Code.of(wanted), " called; but it was ", Code.of(other), " that was called");
        return StepResult.failed(
                "Expected ", Code.of(wanted), " to be called; ", Code.of(other), " was called instead.");
    }

    private StepResult never(Step.Call step, List<Operation> operations, List<Operation> heard, int made) {
        Referent wanted = context.environment().get(step.awaited().variable());
        String who = operations.stream()
                .map(o -> o.name() + "()")
                .distinct()
                .limit(4)
                .collect(Collectors.joining(", "));
        return StepResult.failed(
                Code.of(who),
                operations.size() == 1 ? " was" : " were",
                " called " + made + (made == 1 ? " time" : " times") + " in all and never called ",
                heard.isEmpty() ? "it" : Code.of(heard.get(0).name() + "()"),
                " of ",
                CallWording.code(wanted.knownType(), wanted.role()),
                ".");
    }

    /** Whether all calls there are go to what is handed over just then, in order to be kept: as an index does. */
    private boolean isOnlyCalledWhenTaken(List<Operation> operations, List<Operation> heard) {
        List<Bodies.ReachedFact> calls = callsOf(operations, heard);
        return !calls.isEmpty()
                && calls.stream()
                        .allMatch(s -> design.bodies().origins(((Fact.Call) s.fact()).receiver(), s).stream()
                                .allMatch(v -> v instanceof Value.OfParameter p && keeps(s, p)));
    }

    private boolean keeps(Bodies.ReachedFact step, Value.OfParameter parameter) {
        return step.in().body().stream()
                .map(f -> f instanceof Fact.Put p ? p.value() : f instanceof Fact.Write w ? w.value() : null)
                .anyMatch(v -> v != null && design.bodies().origins(v, step).contains(parameter));
    }

    private List<Bodies.ReachedFact> callsOf(List<Operation> operations, List<Operation> heard) {
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
        String member = step.awaited().member();
        List<Condition> ways = new ArrayList<>();
        if (!step.with().isEmpty()) {
            ways.add(some(step.member(), Predicate.Says.of(OperationRelations.CALLS_PARAMETER, member)));
        }
        binding.fields().keySet().forEach(f -> {
            ways.add(some(step.member(), Predicate.Says.of(OperationRelations.CALLS_ON, member, f)));
            ways.add(some(step.member(), Predicate.Says.of(OperationRelations.CALLS_EACH, member, f)));
            ways.add(some(step.member(), Predicate.Says.of(OperationRelations.CALLS_ONE_OF, member, f)));
        });
        return ways.stream()
                .map(c -> context.judge().status(c, binding))
                .anyMatch(s -> s == Status.MET || s == Status.UNCLEAR);
    }

    private static Condition some(String member, Predicate predicate) {
        return new Condition(Quantity.SOME, 0, member, predicate, false);
    }
}
