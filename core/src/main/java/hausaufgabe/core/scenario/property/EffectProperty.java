package hausaufgabe.core.scenario.property;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.CallWording;
import hausaufgabe.core.scenario.execution.ObjectFactory;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StateDifference;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.rehearsal.RehearsedCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What one operation is told makes a difference to what another gives out in the end, all else being equal. */
public final class EffectProperty {

    /** Stands for leaving the step out. */
    private static final int LEFT_OUT = -1;

    /** Stands for taking the step at the end, where it shows also if all it does is to begin anew. */
    private static final int LAST = -2;

    private static final int[][] PAIRS = {{0, 1}, {0, LEFT_OUT}, {2, 3}, {1, LEFT_OUT}, {LAST, LEFT_OUT}};

    private final ScenarioContext context;
    private final ObjectFactory objects;
    /** Whether the builder that was tried last could be told the tested step. */
    private boolean toldAll;

    public EffectProperty(ScenarioContext context, ObjectFactory objects) {
        this.context = context;
        this.objects = objects;
    }

    public StepResult expect(Step.ExpectBond step) throws DriverLost {
        Referent maker = context.environment().get(step.first().variable());
        if (objects.another(maker).isEmpty()) {
            return StepResult.blocked(
                    "No second ", CallWording.code(maker.knownType(), maker.role()), " could be made.");
        }
        List<Operation> all = new ArrayList<>();
        for (Operation o : context.design().methodsOf(maker.knownType())) {
            if (o.isMethod() && !o.isStatic() && context.design().bodies().isOpen(o) && isStep(o, maker, step)) {
                all.add(o);
            }
        }
        for (Operation tested : context.binding().operations(step.first().member())) {
            Operation own = all.stream()
                    .filter(o -> o.equals(tested) || o.overrides().contains(tested.id()))
                    .findFirst()
                    .orElse(null);
            if (own != null && hasEffect(own) && !isToldByFunctionsOnly(own)) {
                List<Operation> ends =
                        context.binding().operations(step.second().member());
                Optional<StepResult> shown = shown(own, List.of(), all, maker, ends);
                if (shown.isEmpty()) {
                    shown = shown(own, beginnings(maker, ends), all, maker, ends);
                }
                if (shown.isEmpty()) {
                    shown = shownInDemonstration(own, maker, ends);
                }
                if (shown.isEmpty()) {
                    return StepResult.refused(
                            "No values were found with which something could be built, ",
                            Code.of(own.name()),
                            " among them.");
                }
                if (!shown.get().isHeld()) {
                    return shown.get();
                }
            }
        }
        return StepResult.HELD;
    }

    /** A builder may leave a step out that another takes; whether all do is judged by the text. */
    private boolean hasEffect(Operation o) {
        return context.design().bodies().reachedFrom(o).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Write
                        || s.fact() instanceof Fact.Put
                        || s.fact() instanceof Fact.Remove
                        || s.fact() instanceof Fact.HandOver
                        || s.fact() instanceof Fact.Create
                        || s.fact() instanceof Fact.Library l
                                && !l.name().equals("<new>")
                                && !l.arguments().isEmpty());
    }

    /** What is handed something to do, and no function of the program is at hand that does anything. */
    private boolean isToldByFunctionsOnly(Operation o) {
        return !o.parameters().isEmpty()
                && o.parameters().stream()
                        .allMatch(p -> context.design()
                                .type(p.type().type())
                                .filter(t -> t.kind() == Type.Kind.FUNCTION_TYPE)
                                .filter(t -> context.design().operationsOf(t).stream()
                                        .allMatch(f -> f.result() == null))
                                .isPresent());
    }

    /** As the demonstration takes the steps, with the tested one and without it; nothing where it never takes it. */
    private Optional<StepResult> shownInDemonstration(Operation tested, Referent maker, List<Operation> ends)
            throws DriverLost {
        for (List<RehearsedCall> life : context.rehearsal().livesOf(maker.knownType(), context.design())) {
            boolean takesIt = life.stream().anyMatch(c -> isCallOf(c, tested));
            Optional<Map<String, String>> with = takesIt ? product(maker, ends, life) : Optional.empty();
            if (with.isPresent()) {
                Optional<Map<String, String>> without = product(
                        maker,
                        ends,
                        life.stream().filter(c -> !isCallOf(c, tested)).toList());
                boolean differs = without.isEmpty()
                        || !StateDifference.between(with.get(), without.get()).isEmpty();
                if (differs) {
                    context.transcript()
                            .expected(
                                    true,
                                    Code.of(tested.name() + "()"),
                                    " to make a difference, in what the demonstration builds");
                    return Optional.of(StepResult.HELD);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isCallOf(RehearsedCall call, Operation tested) {
        return call.operation().equals(tested)
                || call.operation().overrides().contains(tested.id())
                || tested.overrides().contains(call.operation().id());
    }

    /** What a new builder makes when it is told what the demonstration told one, up to where that one built. */
    private Optional<Map<String, String>> product(Referent maker, List<Operation> ends, List<RehearsedCall> life)
            throws DriverLost {
        Optional<Referent> another = objects.another(maker);
        if (another.isEmpty()) {
            return Optional.empty();
        }
        Type type = another.get().knownType();
        ObjectRef on = another.get().knownObject();
        try {
            for (RehearsedCall c : life) {
                if (ends.stream().anyMatch(e -> isCallOf(c, e))) {
                    break;
                }
                List<Input> arguments =
                        context.values().arguments(c, context.values().nothing());
                on = context.after(on, type, c.operation(), context.callOn(on, type, c.operation(), arguments));
            }
        } catch (NoValueFound e) {
            return Optional.empty();
        }
        return built(on, type, ends);
    }

    /** What returns nothing or the builder: the other steps, whichever the pattern has found. */
    private boolean isStep(Operation o, Referent maker, Step.ExpectBond step) {
        boolean tested = context.binding().operations(step.first().member()).stream()
                .anyMatch(t -> t.equals(o) || o.overrides().contains(t.id()));
        boolean fluent = o.result() != null
                && (o.result().type().equals(maker.knownType().id())
                        || context.design()
                                .realises(maker.knownType().id(), o.result().type()));
        // another one without parameters may begin anew, and so hide what the tested one is told
        boolean telling = context.binding().operations(step.first().member()).stream()
                .anyMatch(t -> !t.parameters().isEmpty());
        return tested
                || (fluent || o.result() == null) && !(telling && o.parameters().isEmpty());
    }

    /** What takes nothing and gives nothing back may have to be called before anything else, to begin a new product. */
    private List<Operation> beginnings(Referent maker, List<Operation> ends) {
        return context.design().methodsOf(maker.knownType()).stream()
                .filter(o -> !o.isStatic() && o.parameters().isEmpty() && o.result() == null)
                .filter(o -> context.design().bodies().isOpen(o) && !ends.contains(o))
                .toList();
    }

    /**
     * What it came to; nothing where it could not be tried.
     *
     * @param first what is called before the steps
     */
    private Optional<StepResult> shown(
            Operation tested, List<Operation> first, List<Operation> all, Referent maker, List<Operation> ends)
            throws DriverLost {
        int compared = 0;
        String seen = "";
        for (int[] pair : PAIRS) {
            Optional<Map<String, String>> one = product(tested, pair[0], first, all, maker, ends);
            boolean undone = toldAll;
            Optional<Map<String, String>> other = product(tested, pair[1], first, all, maker, ends);
            if (one.isPresent() && other.isEmpty() && pair[1] == LEFT_OUT) {
                context.transcript().expected(true, "nothing can be built without ", Code.of(tested.name() + "()"));
                return Optional.of(StepResult.HELD);
            }
            if (one.isEmpty() && other.isPresent() && pair[0] == LAST && undone) {
                context.transcript().expected(true, "nothing can be built after ", Code.of(tested.name() + "()"));
                return Optional.of(StepResult.HELD);
            }
            if (one.isPresent() && other.isPresent()) {
                compared++;
                String difference = StateDifference.between(one.get(), other.get());
                if (!difference.isEmpty()) {
                    context.transcript().expected(true, Code.of(tested.name() + "()"), " to make a difference");
                    return Optional.of(StepResult.HELD);
                }
                seen = one.get().toString();
            }
        }
        if (compared < 2) {
            return Optional.empty();
        }
        context.transcript()
                .expected(
                        false,
                        Code.of(tested.name() + "()"),
                        " to make a difference; what was built kept ",
                        Code.of(ErrorText.shortened(seen)));
        return Optional.of(StepResult.failed(
                "Whatever ",
                Code.of(tested.name() + "()"),
                " is told, and whether it is called at all, what is built is the same."));
    }

    /** What a new builder makes when the tested step is told the values of a round; nothing where it cannot be built so. */
    private Optional<Map<String, String>> product(
            Operation tested,
            int round,
            List<Operation> first,
            List<Operation> all,
            Referent maker,
            List<Operation> ends)
            throws DriverLost {
        toldAll = false;
        Optional<Referent> another = objects.another(maker);
        if (another.isEmpty()) {
            return Optional.empty();
        }
        Referent fresh = another.get();
        Type type = fresh.knownType();
        ObjectRef on = fresh.knownObject();
        for (Operation o : first) {
            context.callOn(on, type, o, List.of());
        }
        List<Operation> order = new ArrayList<>(all);
        if (round == LAST) {
            order.remove(tested);
            order.add(tested);
        }
        for (Operation o : order) {
            int own = o.equals(tested) ? round : 0;
            if (own != LEFT_OUT) {
                try {
                    List<Input> arguments = context.arguments(o, type, Math.max(0, own));
                    Answer a = context.callOn(on, type, o, arguments);
                    if (a.thrown() != null && o.equals(tested)) {
                        return Optional.empty();
                    }
                    on = context.after(on, type, o, a);
                } catch (NoValueFound e) {
                    if (o.equals(tested)) {
                        return Optional.empty();
                    }
                }
            }
        }
        toldAll = true;
        return built(on, type, ends);
    }

    private Optional<Map<String, String>> built(ObjectRef on, Type type, List<Operation> ends) throws DriverLost {
        for (Operation end : ends) {
            try {
                List<Input> arguments = context.arguments(end, type, 0);
                Answer a = context.callOn(on, type, end, arguments);
                if (a.thrown() == null && !a.value().isNothing()) {
                    return Optional.of(kept(a.value()));
                }
            } catch (NoValueFound e) {
                // another way to end may do
            }
        }
        return Optional.empty();
    }

    private Map<String, String> kept(Observed product) throws DriverLost {
        return product.ref() == null
                ? Map.of("", product.text())
                : context.session()
                        .ask(new Request.State(product.ref(), List.of()))
                        .named();
    }
}
