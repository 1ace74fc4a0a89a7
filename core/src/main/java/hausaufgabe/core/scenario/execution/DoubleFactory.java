package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import hausaufgabe.core.scenario.value.ValueGenerator;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes the doubles that a scenario asks for. */
public final class DoubleFactory {

    private final ScenarioContext context;

    public DoubleFactory(ScenarioContext context) {
        this.context = context;
    }

    /** @throws NoValueFound where what is to be listened to instead cannot be made */
    public StepResult makeDouble(Step.Double step) throws DriverLost, NoValueFound {
        List<Type> bound = context.binding().types(step.role());
        if (bound.isEmpty()) {
            return StepResult.blocked("No type was found that plays " + step.role() + ".");
        }
        Type type = doubleable(bound);
        int before = context.environment().count(step.role());
        Optional<ObjectRef> made = context.doubles().make(type, before, 0);
        if (made.isEmpty()) {
            return listenInstead(step, type, before);
        }
        if (!step.answers().isEmpty()) {
            context.doubles().answer(made.get(), type, answers(step), 0, 0);
        }
        context.values().standIn(type);
        context.environment().put(step.variable(), Referent.made(step.role(), type, made.get(), true));
        context.transcript()
                .built(
                        Code.of(step.variable()),
                        ", " + ValueGenerator.article(type),
                        CallWording.code(type, step.role()),
                        " the program has never seen");
        return StepResult.HELD;
    }

    private Map<Operation, Input> answers(Step.Double step) {
        Map<Operation, Input> said = new HashMap<>();
        for (Scenario.StubbedAnswer a : step.answers()) {
            for (Operation o : context.binding().operations(a.member())) {
                if (o.result() != null) {
                    context.pool(List.of(a.value())).take(o.result()).ifPresent(v -> said.put(o, v));
                }
            }
        }
        return said;
    }

    /** Of several types that play a role the first that something new can realise, rather one that the scenario is about. */
    private Type doubleable(List<Type> bound) {
        List<Type> open = bound.stream()
                .filter(t -> context.design().isAbstraction(t) && !t.flags().isSealed())
                .toList();
        return open.stream()
                .filter(t -> context.binding().operations().values().stream()
                        .anyMatch(all ->
                                all.size() == 1 && context.design().methodsOf(t).contains(all.get(0))))
                .findFirst()
                .or(() -> open.stream().findFirst())
                .orElse(bound.get(0));
    }

    /** Where nothing new can realise the abstraction, the program's own objects are listened to instead. */
    private StepResult listenInstead(Step.Double step, Type type, int used) throws DriverLost, NoValueFound {
        List<ObjectRef> candidates = new ArrayList<>();
        List<String> names = new ArrayList<>();
        if (type.kind() == Type.Kind.ENUM) {
            for (int i = 0; i < type.constants().size() && candidates.size() <= used; i++) {
                candidates.add(context.values().constant(type, i));
                names.add(type.name() + "." + type.constants().get(i));
            }
        }
        for (Type lower : context.design().realisationsOf(type)) {
            if (candidates.size() <= used && lower.isNamed() && context.design().isConcrete(lower)) {
                Input made = context.values().any(TypeRef.of(lower.id(), lower.name()), 0);
                if (made instanceof ObjectRef ref) {
                    candidates.add(ref);
                    names.add(ValueGenerator.article(lower) + lower.name());
                }
            }
        }
        if (candidates.size() <= used) {
            return StepResult.blocked(
                    "Nothing new can realise ",
                    CallWording.code(type, step.role()),
                    ", and it has too few of its own.");
        }
        context.environment().put(step.variable(), Referent.made(step.role(), type, candidates.get(used), false));
        context.transcript()
                .built(
                        Code.of(step.variable()),
                        ", which is ",
                        Code.of(names.get(used)),
                        ", listened to: nothing new can realise ",
                        CallWording.code(type, step.role()));
        return StepResult.HELD;
    }
}
