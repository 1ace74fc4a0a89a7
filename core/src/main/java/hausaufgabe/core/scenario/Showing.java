package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Bonds.Scene;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Driver.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What one operation is told makes a difference to what another gives out in the end, all else being equal. */
final class Showing {

    /** Stands for leaving the step out. */
    private static final int LEFT_OUT = -1;

    /** Stands for taking the step at the end, where it shows also if all it does is to begin anew. */
    private static final int LAST = -2;

    private static final int[][] PAIRS = {{0, 1}, {0, LEFT_OUT}, {2, 3}, {1, LEFT_OUT}, {LAST, LEFT_OUT}};

    private final Scene scene;

    Showing(Scene scene) {
        this.scene = scene;
    }

    void expect(Step.ExpectBond step) throws Ended, DriverLost {
        Cast maker = scene.casting().named(step.first().variable());
        List<Operation> all = new ArrayList<>();
        for (Operation o : scene.design().methodsOf(maker.type())) {
            if (o.isMethod() && !o.isStatic() && scene.design().bodies().isOpen(o) && isStep(o, maker, step)) {
                all.add(o);
            }
        }
        for (Operation tested : scene.binding().operations(step.first().member())) {
            Operation own = all.stream()
                    .filter(o -> o.equals(tested) || o.overrides().contains(tested.id()))
                    .findFirst()
                    .orElse(null);
            if (own != null && hasEffect(own)) {
                List<Operation> ends = scene.binding().operations(step.second().member());
                if (!isShown(own, List.of(), all, maker, ends)
                        && !isShown(own, beginnings(maker, ends), all, maker, ends)) {
                    throw new Ended(
                            Outcome.BLOCKED,
                            Account.say(
                                    "No values were found with which something could be built, ",
                                    Code.of(own.name()),
                                    " among them."));
                }
            }
        }
    }

    /** A builder may leave a step out that another takes; whether all do is judged by the text. */
    private boolean hasEffect(Operation o) {
        return scene.design().bodies().reachedFrom(o).stream()
                .anyMatch(s -> !(s.fact() instanceof Fact.Return) && !(s.fact() instanceof Fact.Read));
    }

    /** What returns nothing or the builder: the other steps, whichever the pattern has found. */
    private boolean isStep(Operation o, Cast maker, Step.ExpectBond step) {
        boolean tested = scene.binding().operations(step.first().member()).stream()
                .anyMatch(t -> t.equals(o) || o.overrides().contains(t.id()));
        boolean fluent = o.result() != null
                && (o.result().type().equals(maker.type().id())
                        || scene.design().realises(maker.type().id(), o.result().type()));
        // another one without parameters may begin anew, and so hide what the tested one is told
        boolean telling = scene.binding().operations(step.first().member()).stream()
                .anyMatch(t -> !t.parameters().isEmpty());
        return tested
                || (fluent || o.result() == null) && !(telling && o.parameters().isEmpty());
    }

    /** What takes nothing and gives nothing back may have to be called before anything else, to begin a new product. */
    private List<Operation> beginnings(Cast maker, List<Operation> ends) {
        return scene.design().methodsOf(maker.type()).stream()
                .filter(o -> !o.isStatic() && o.parameters().isEmpty() && o.result() == null)
                .filter(o -> scene.design().bodies().isOpen(o) && !ends.contains(o))
                .toList();
    }

    /**
     * Whether it could be tried.
     *
     * @param first what is called before the steps
     */
    private boolean isShown(
            Operation tested, List<Operation> first, List<Operation> all, Cast maker, List<Operation> ends)
            throws Ended, DriverLost {
        int compared = 0;
        String seen = "";
        for (int[] pair : PAIRS) {
            Optional<Map<String, String>> one = product(tested, pair[0], first, all, maker, ends);
            Optional<Map<String, String>> other = product(tested, pair[1], first, all, maker, ends);
            if (one.isPresent() && other.isEmpty() && pair[1] == LEFT_OUT) {
                scene.account()
                        .add(
                                LineKind.EXPECTED,
                                0,
                                true,
                                "nothing can be built without ",
                                Code.of(tested.name() + "()"));
                return true;
            }
            if (one.isPresent() && other.isPresent()) {
                compared++;
                String difference = Expectations.difference(one.get(), other.get());
                if (!difference.isEmpty()) {
                    scene.account()
                            .add(LineKind.EXPECTED, 0, true, Code.of(tested.name() + "()"), " to make a difference");
                    return true;
                }
                seen = one.get().toString();
            }
        }
        if (compared < 2) {
            return false;
        }
        scene.account()
                .add(
                        LineKind.EXPECTED,
                        0,
                        false,
                        Code.of(tested.name() + "()"),
                        " to make a difference; what was built kept ",
                        Code.of(Stage.shortened(seen)));
        throw new Ended(
                Outcome.FAILED,
                Account.say(
                        "Whatever ",
                        Code.of(tested.name() + "()"),
                        " is told, and whether it is called at all, what is built is the same."));
    }

    /** What a new builder makes when the tested step is told the values of a round; nothing where it cannot be built so. */
    private Optional<Map<String, String>> product(
            Operation tested, int round, List<Operation> first, List<Operation> all, Cast maker, List<Operation> ends)
            throws Ended, DriverLost {
        Cast fresh = scene.casting().another(maker);
        Type type = fresh.type();
        for (Operation o : first) {
            scene.casting().callOn(fresh.object(), type, o, List.of());
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
                    List<Given> arguments =
                            scene.casting().maker().arguments(o, scene.casting().offers(), Math.max(0, own));
                    Answer a = scene.casting().callOn(fresh.object(), type, o, arguments);
                    if (a.thrown() != null && o.equals(tested)) {
                        return Optional.empty();
                    }
                } catch (Maker.Unmakeable e) {
                    if (o.equals(tested)) {
                        return Optional.empty();
                    }
                }
            }
        }
        for (Operation end : ends) {
            try {
                List<Given> arguments =
                        scene.casting().maker().arguments(end, scene.casting().offers(), 0);
                Answer a = scene.casting().callOn(fresh.object(), type, end, arguments);
                if (a.thrown() == null && !a.value().isNothing()) {
                    return Optional.of(kept(a.value()));
                }
            } catch (Maker.Unmakeable e) {
                // another way to end may do
            }
        }
        return Optional.empty();
    }

    private Map<String, String> kept(Value product) throws DriverLost {
        return product.ref() == null
                ? Map.of("", product.text())
                : scene.stage().ask(new Request.State(product.ref(), List.of())).named();
    }
}
