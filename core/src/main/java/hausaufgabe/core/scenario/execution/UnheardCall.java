package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.relation.OperationRelations;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.session.HeardCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
    StepResult because(Step.Call step, List<Operation> operations, Attempts attempts) throws DriverLost {
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
        Optional<HeardCall> another = answeredInstead(step, heard, attempts);
        if (another.isPresent()) {
            return inItsPlace(wanted, another.get());
        }
        Optional<String> fellow = fellowThatWasHeard(step, operations, attempts);
        if (fellow.isPresent()) {
            transcript.expected(false, Code.of(wanted), " called as ", Code.of(fellow.get()), " was; it was not");
            return StepResult.failed(
                    "Expected ",
                    Code.of(wanted),
                    " to be called as well as ",
                    Code.of(fellow.get()),
                    ", both of which were handed over; only ",
                    Code.of(fellow.get()),
                    " ever was.");
        }
        if (isLost(step)) {
            transcript.expected(false, Code.of(wanted), " called; nothing leads to it any more");
            return StepResult.failed(
                    Code.of(wanted),
                    " was handed over, and nothing that ",
                    CallWording.subject(context.environment().get(step.on()), step.on()),
                    " keeps leads to it, so that it can never be called.");
        }
        transcript.expected(false, Code.of(wanted), " called; it was not");
        if (attempts.replayed > 0 && isHeardByNobodyInTheDemonstration(step)) {
            return StepResult.failed(
                    Code.of(wanted),
                    " was never called, not even when everything was done as the program's own demonstration does it;"
                            + " nor is anybody called there.");
        }
        if (hasPath(step, operations, heard)) {
            return StepResult.unheard("The code has a way to the call, but none of the values tried took it.");
        }
        return never(step, operations, heard, attempts.made);
    }

    /**
     * Another object of the program, which nobody handed over, that was called by the one that was to call: where it keeps
     * only one, and also when everything is done as in the demonstration.
     */
    private Optional<HeardCall> answeredInstead(Step.Call step, List<Operation> heard, Attempts attempts) {
        ObjectRef on = context.environment().get(step.on()).object();
        boolean one = !binding.fields().isEmpty()
                && binding.fields().values().stream()
                        .flatMap(List::stream)
                        .noneMatch(f -> f.type().many());
        if (attempts.replayed == 0 || on == null || !one) {
            return Optional.empty();
        }
        Set<Integer> known = context.environment().all().values().stream()
                .map(Referent::object)
                .flatMap(Stream::ofNullable)
                .map(ObjectRef::id)
                .collect(Collectors.toSet());
        return context.session().heardOf(heard).stream()
                .filter(h -> !known.contains(h.object()))
                .filter(h -> h.outer() != null && h.outer().object() == on.id())
                .findFirst();
    }

    /**
     * Whether nothing that the object keeps leads to what was handed over before: where all that may keep it are fields and
     * containers, into which the driver sees.
     */
    private boolean isLost(Step.Call step) throws DriverLost {
        Referent on = context.environment().get(step.on());
        Referent wanted = context.environment().get(step.awaited().variable());
        List<Field> keepers = design.types().stream()
                .flatMap(t -> design.fieldsOf(t).stream())
                .filter(f ->
                        design.leadsTo(f.type(), List.of(wanted.knownType())).isYes())
                .toList();
        boolean seen = !keepers.isEmpty()
                && step.with().isEmpty()
                && keepers.stream().noneMatch(Field::isStatic)
                && keepers.stream()
                        .allMatch(f -> f.type().isContainer()
                                || f.type().type().equals(wanted.knownType().id()));
        if (!seen
                || on.object() == null
                || wanted.object() == null
                || context.session().hasEverHeard(wanted.object())) {
            // what was called once may be dropped after that
            return false;
        }
        Request all = new Request.State(on.object(), List.of());
        Request others = new Request.State(on.object(), List.of(wanted.object()));
        return context.session()
                .ask(all)
                .named()
                .equals(context.session().ask(others).named());
    }

    /**
     * Another one that was handed over to be one of many and was called in a step before, where all of them are gone through
     * for something that no single answer can settle.
     */
    private Optional<String> fellowThatWasHeard(Step.Call step, List<Operation> operations, Attempts attempts) {
        Referent wanted = context.environment().get(step.awaited().variable());
        boolean all = attempts.returned > 1
                && step.with().isEmpty()
                && !operations.isEmpty()
                && operations.stream()
                        .allMatch(o -> o.result() == null
                                || context.language().isNumber(o.result().type()))
                && binding.fields().keySet().stream()
                        .map(f -> some(
                                step.member(),
                                Predicate.Says.of(
                                        OperationRelations.CALLS_EACH,
                                        step.awaited().member(),
                                        f)))
                        .anyMatch(c -> context.judge().status(c, binding) != Status.UNMET);
        if (!all || wanted.role() == null) {
            return Optional.empty();
        }
        return context.environment().all().entrySet().stream()
                .filter(e -> wanted.role().equals(e.getValue().role())
                        && e.getValue().isDouble())
                .filter(e -> e.getValue().object() != null && !e.getValue().equals(wanted))
                .filter(e -> context.session().hasEverHeard(e.getValue().knownObject()))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private StepResult inItsPlace(String wanted, HeardCall another) {
        transcript.expected(
                false,
                Code.of(wanted),
                " called; but it was another, which the program put in its place, that was called");
        return StepResult.failed(
                "Expected ",
                Code.of(wanted),
                " to be called; another one, which the program had put in its place, was called instead: ",
                Code.of(another.called().name() + "()"),
                ".");
    }

    /** Whether the demonstration makes objects of the role, and nobody there calls what is to be heard. */
    private boolean isHeardByNobodyInTheDemonstration(Step.Call step) {
        Referent wanted = context.environment().get(step.awaited().variable());
        List<Type> own = design.realisationsOf(wanted.knownType());
        return own.stream().noneMatch(t -> t.origin() == Type.Origin.LAMBDA)
                && context.rehearsal().makesOneOf(wanted.knownType(), design)
                && binding.operations(step.awaited().member()).stream()
                        .allMatch(o -> context.rehearsal().callsOf(o, null).isEmpty());
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
