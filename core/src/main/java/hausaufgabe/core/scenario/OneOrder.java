package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Bonds.Scene;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** In every type of a role one operation calls others in the same order. Some may be left out, now or in some types. */
final class OneOrder {

    private final Scene scene;

    OneOrder(Scene scene) {
        this.scene = scene;
    }

    void expect(Step.ExpectOneOrder step) throws Ended, DriverLost {
        List<Operation> parts = scene.binding().operations(step.parts());
        for (Operation whole : scene.binding().operations(step.whole())) {
            Map<Type, List<String>> orders = new LinkedHashMap<>();
            Ended problem = null;
            for (Type type : scene.binding().types(step.role())) {
                try {
                    List<String> order = order(type, step.role(), whole, parts);
                    if (!order.isEmpty()) {
                        orders.put(type, order);
                        scene.account()
                                .add(
                                        LineKind.CALLED,
                                        0,
                                        null,
                                        Code.of(whole.name() + "()"),
                                        " of ",
                                        Casting.code(type, step.role()),
                                        " called ",
                                        Code.of(String.join(", ", order)));
                    }
                } catch (Ended e) {
                    problem = e;
                }
            }
            if (orders.isEmpty()) {
                throw problem != null
                        ? problem
                        : new Ended(null, Sentence.words("None of the steps was called with the values tried."));
            }
            compare(step, whole, orders);
        }
    }

    private void compare(Step.ExpectOneOrder step, Operation whole, Map<Type, List<String>> orders) throws Ended {
        for (Map.Entry<Type, List<String>> a : orders.entrySet()) {
            for (Map.Entry<Type, List<String>> b : orders.entrySet()) {
                String turned = turned(a.getValue(), b.getValue());
                if (turned != null) {
                    scene.account()
                            .add(LineKind.EXPECTED, 0, false, "the same order everywhere; " + turned + " differ");
                    throw new Ended(
                            Outcome.FAILED,
                            Account.say(
                                    "In ",
                                    Code.of(whole.name() + "()"),
                                    " ",
                                    Casting.code(a.getKey(), step.role()),
                                    " calls " + turned + " in that order, and ",
                                    Casting.code(b.getKey(), step.role()),
                                    " the other way round."));
                }
            }
        }
        scene.account().add(LineKind.EXPECTED, 0, true, "the same order in all that were run");
    }

    /** Two that stand in one order here and in the other there; null where there are none. */
    private static String turned(List<String> a, List<String> b) {
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
    private List<String> order(Type type, String role, Operation whole, List<Operation> parts)
            throws Ended, DriverLost {
        scene.casting().makeNewOf(type, role, type.name().replaceAll("[^A-Za-z0-9]", ""));
        Cast on = scene.casting().named(type.name().replaceAll("[^A-Za-z0-9]", ""));
        for (int round = 0; round < 4; round++) {
            scene.stage().forgetCalls();
            try {
                List<Given> arguments =
                        scene.casting().maker().arguments(whole, scene.casting().offers(), round);
                Answer a = scene.casting().callOn(on.object(), type, whole, arguments);
                List<String> order = new ArrayList<>();
                for (Stage.Heard h : scene.stage().heardBy(on.object(), parts)) {
                    boolean nested = isWithin(h, on, parts);
                    if (!nested && !order.contains(h.called().name())) {
                        order.add(h.called().name());
                    }
                }
                if (a.thrown() == null && !order.isEmpty()) {
                    return order;
                }
            } catch (Maker.Unmakeable e) {
                throw new Ended(
                        Outcome.BLOCKED,
                        Account.say(Code.of(whole.name() + "()"), " could not be called: " + e.getMessage() + "."));
            }
        }
        return List.of();
    }

    private boolean isWithin(Stage.Heard h, Cast on, List<Operation> parts) {
        for (Stage.Heard o = h.outer(); o != null; o = o.outer()) {
            Stage.Heard outer = o;
            if (outer.object() == on.object().id()
                    && parts.stream().anyMatch(p -> scene.stage().isCallOf(outer.called(), p))) {
                return true;
            }
        }
        return false;
    }
}
