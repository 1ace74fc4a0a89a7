package hausaufgabe.core.scenario.property;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.CallWording;
import hausaufgabe.core.scenario.execution.ObjectFactory;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.session.HeardCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** In every type of a role one operation calls others in the same order. Some may be left out, now or in some types. */
public final class OrderProperty {

    private static final int ROUNDS = 4;

    private final ScenarioContext context;
    private final ObjectFactory objects;
    /** What is called once more in a step, by the type that does so. */
    private final Map<Type, String> again = new LinkedHashMap<>();

    public OrderProperty(ScenarioContext context, ObjectFactory objects) {
        this.context = context;
        this.objects = objects;
    }

    public StepResult expect(Step.ExpectOneOrder step) throws DriverLost {
        List<Operation> parts = context.binding().operations(step.parts());
        for (Operation whole : context.binding().operations(step.whole())) {
            Map<Type, List<String>> orders = new LinkedHashMap<>();
            again.clear();
            StepResult problem = null;
            for (Type type : context.binding().types(step.role())) {
                String variable = type.name().replaceAll("[^A-Za-z0-9]", "");
                StepResult made = objects.makeNewOf(type, step.role(), variable);
                if (made.isHeld()) {
                    made = orderIn(type, step.role(), whole, parts, orders);
                }
                problem = made.isHeld() ? problem : made;
            }
            if (orders.isEmpty()) {
                return problem != null
                        ? problem
                        : StepResult.nothingToShow("None of the steps was called with the values tried.");
            }
            StepResult compared = compare(step, whole, orders);
            if (!compared.isHeld()) {
                return compared;
            }
        }
        return StepResult.HELD;
    }

    /** @param orders takes the order in which the type calls the parts, where it calls any */
    private StepResult orderIn(
            Type type, String role, Operation whole, List<Operation> parts, Map<Type, List<String>> orders)
            throws DriverLost {
        try {
            List<String> order = order(type, whole, parts);
            if (!order.isEmpty()) {
                orders.put(type, order);
                context.transcript()
                        .called(
                                Code.of(whole.name() + "()"),
                                " of ",
                                CallWording.code(type, role),
                                " called ",
                                Code.of(String.join(", ", order)));
            }
            return StepResult.HELD;
        } catch (NoValueFound e) {
            return StepResult.blocked(Code.of(whole.name() + "()"), " could not be called: " + e.getMessage() + ".");
        }
    }

    private StepResult compare(Step.ExpectOneOrder step, Operation whole, Map<Type, List<String>> orders) {
        // where all do so, it is how the whole is meant
        if (!again.isEmpty() && again.size() < orders.size()) {
            Map.Entry<Type, String> first = again.entrySet().iterator().next();
            String part = first.getValue() + "()";
            context.transcript()
                    .expected(false, Code.of(part), " to be called by ", Code.of(whole.name() + "()"), " alone");
            return StepResult.failed(
                    CallWording.code(first.getKey(), step.role()),
                    " calls ",
                    Code.of(part),
                    " in one of its steps, and ",
                    Code.of(whole.name() + "()"),
                    " calls it as well, so that it is done twice.");
        }
        for (Map.Entry<Type, List<String>> a : orders.entrySet()) {
            for (Map.Entry<Type, List<String>> b : orders.entrySet()) {
                String turned = turned(a.getValue(), b.getValue());
                if (turned != null) {
                    context.transcript().expected(false, "the same order everywhere; " + turned + " differ");
                    return StepResult.failed(
                            "In ",
                            Code.of(whole.name() + "()"),
                            " ",
                            CallWording.code(a.getKey(), step.role()),
                            " calls " + turned + " in that order, and ",
                            CallWording.code(b.getKey(), step.role()),
                            " the other way round.");
                }
            }
        }
        context.transcript().expected(true, "the same order in all that were run");
        return StepResult.HELD;
    }

    /** Two that stand in one order here and in the other there; null where there are none. */
    private static @Nullable String turned(List<String> a, List<String> b) {
        for (int i = 0; i < a.size(); i++) {
            for (int j = i + 1; j < a.size(); j++) {
                int first = b.indexOf(a.get(i));
                int second = b.indexOf(a.get(j));
                if (first >= 0 && second >= 0 && first > second) {
                    return a.get(i) + "() and " + a.get(j) + "()";
                }
            }
        }
        return null;
    }

    /** The parts in the order of their first calls; what a part itself calls is its own affair. */
    private List<String> order(Type type, Operation whole, List<Operation> parts) throws DriverLost, NoValueFound {
        Referent on = context.environment().get(type.name().replaceAll("[^A-Za-z0-9]", ""));
        for (int round = 0; round < ROUNDS; round++) {
            context.session().forgetCalls();
            Answer a = context.callOn(on.object(), type, whole, context.arguments(whole, type, round));
            List<String> order = new ArrayList<>();
            for (HeardCall h : context.session().heardBy(on.object(), parts)) {
                if (!isWithin(h, on, parts) && !order.contains(h.called().name())) {
                    order.add(h.called().name());
                }
            }
            if (a.thrown() == null && !order.isEmpty()) {
                calledAgain(on, parts).ifPresent(o -> again.put(type, o));
                return order;
            }
        }
        return List.of();
    }

    /** A step that the whole calls and another step calls once more: one that does something and gives nothing back. */
    private Optional<String> calledAgain(Referent on, List<Operation> parts) {
        List<HeardCall> heard = context.session().heardBy(on.object(), parts);
        return parts.stream()
                .filter(p -> p.result() == null)
                .filter(p -> heard.stream()
                                .filter(h -> context.session().isCallOf(h.called(), p))
                                .map(h -> isWithin(h, on, parts))
                                .distinct()
                                .count()
                        == 2)
                .map(Operation::name)
                .findFirst();
    }

    private boolean isWithin(HeardCall h, Referent on, List<Operation> parts) {
        for (HeardCall o = h.outer(); o != null; o = o.outer()) {
            HeardCall outer = o;
            if (outer.object() == on.knownObject().id()
                    && parts.stream().anyMatch(p -> context.session().isCallOf(outer.called(), p))) {
                return true;
            }
        }
        return false;
    }
}
