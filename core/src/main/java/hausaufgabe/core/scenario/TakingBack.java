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
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * One operation undoes what another did to the objects that the first one's was given. A receiver may keep more than its
 * state, such as a log; it is a fault only where nothing that was changed is as it was.
 */
final class TakingBack {

    private static final String NOTHING = "nothing";

    private final Scene scene;

    TakingBack(Scene scene) {
        this.scene = scene;
    }

    void expect(Step.ExpectBond step) throws Ended, DriverLost {
        Cast command = scene.casting().named(step.first().variable());
        List<Operation> undo = scene.binding().operations(step.first().member());
        List<Operation> execute = scene.binding().operations(step.second().member());
        List<Cast> receivers = receivers(command);
        if (receivers.isEmpty()) {
            throw new Ended(null, Sentence.words("It was given no object of the program whose state could be seen."));
        }
        Trial shown = null;
        Trial onlyMore = null;
        List<Type> kinds = kinds(command, undo);
        for (int round = 0; round < 2 + kinds.size(); round++) {
            Trial t = trial(command, receivers, execute, undo, kinds, round);
            if (t != null && t.isAnyGivenBack()) {
                shown = t;
            } else if (t != null && t.isAnyReplaced()) {
                fail(command, t, execute, undo);
            } else if (t != null && !t.changed().isEmpty()) {
                onlyMore = t;
            }
        }
        if (shown == null && onlyMore != null) {
            fail(command, onlyMore, execute, undo);
        }
        if (shown == null) {
            throw new Ended(null, Sentence.words("Nothing that could be seen was changed."));
        }
        scene.account()
                .add(
                        LineKind.EXPECTED,
                        0,
                        true,
                        Code.of(undo.get(0).name() + "()"),
                        " to give back what was there before");
    }

    /** @param changed by the way to it, what was there before, what was made of it, and what was left in the end */
    private record Trial(Map<String, List<String>> changed) {
        boolean isAnyGivenBack() {
            return changed.values().stream().anyMatch(v -> v.get(0).equals(v.get(2)));
        }

        /** Whether something became another, rather than one thing more being kept, as a log does. */
        boolean isAnyReplaced() {
            return changed.values().stream().anyMatch(v -> !v.get(0).equals(NOTHING));
        }
    }

    /** Objects of the program that were made for the command, the command itself and what stands in for others left out. */
    private List<Cast> receivers(Cast command) {
        List<Cast> all = new ArrayList<>();
        for (Given.Ref r : scene.casting().maker().made()) {
            Type type = scene.design().type(r.type()).orElse(null);
            if (type != null && type.isOwn() && r.id() != command.object().id()) {
                all.add(Cast.made(null, type, r, false));
            }
        }
        return all;
    }

    private Map<String, String> state(List<Cast> receivers, Cast command) throws DriverLost {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < receivers.size(); i++) {
            String name = receivers.get(i).type().name();
            Map<String, String> one = scene.stage()
                    .ask(new Request.State(receivers.get(i).object(), List.of(command.object())))
                    .named();
            for (Map.Entry<String, String> e : one.entrySet()) {
                all.put((i == 0 ? "" : i + " ") + name + "." + e.getKey(), e.getValue());
            }
        }
        return all;
    }

    /** Kinds of command that can leave another state behind: its own first. */
    private List<Type> kinds(Cast command, List<Operation> undo) {
        List<Type> kinds = new ArrayList<>(List.of(command.type()));
        for (Operation o : undo) {
            scene.design().type(o.owner()).map(scene.design()::realisationsOf).orElse(List.of()).stream()
                    .filter(t -> t.isNamed() && scene.design().isConcrete(t) && !kinds.contains(t))
                    .limit(5)
                    .forEach(kinds::add);
        }
        return kinds;
    }

    /** After another command has left a state that is not the first one; null where a call threw. */
    private Trial trial(
            Cast command,
            List<Cast> receivers,
            List<Operation> execute,
            List<Operation> undo,
            List<Type> kinds,
            int round)
            throws Ended, DriverLost {
        if (round > 0) {
            prepare(kinds.get((round - 1) % kinds.size()), receivers, execute, round);
        }
        Map<String, String> before = state(receivers, command);
        if (!call(command, execute, round)) {
            return null;
        }
        Map<String, String> after = state(receivers, command);
        if (!call(command, undo, round)) {
            return null;
        }
        Map<String, String> end = state(receivers, command);
        Map<String, List<String>> changed = new LinkedHashMap<>();
        Set<String> keys = new TreeSet<>(before.keySet());
        keys.addAll(after.keySet());
        for (String k : keys) {
            String was = before.getOrDefault(k, NOTHING);
            String made = after.getOrDefault(k, NOTHING);
            if (!was.equals(made)) {
                changed.put(k, List.of(was, made, end.getOrDefault(k, NOTHING)));
            }
        }
        return new Trial(changed);
    }

    private void prepare(Type kind, List<Cast> receivers, List<Operation> execute, int round) throws Ended, DriverLost {
        Offers same = new Offers(scene.design(), receivers);
        for (Operation way : scene.casting().maker().waysIn(kind, same)) {
            Given.Ref other = scene.casting().maker().tryWay(kind, way, same.anew(), round, new ArrayList<>());
            if (other != null) {
                call(Cast.made(null, kind, other, false), execute, round);
                return;
            }
        }
    }

    private boolean call(Cast on, List<Operation> operations, int round) throws Ended, DriverLost {
        for (Operation o : operations) {
            try {
                List<Given> arguments =
                        scene.casting().maker().arguments(o, scene.casting().offers(), round);
                Answer a = scene.casting().callOn(on.object(), on.type(), o, arguments);
                if (a.thrown() != null) {
                    return false;
                }
            } catch (Maker.Unmakeable e) {
                throw new Ended(
                        Outcome.BLOCKED,
                        Account.say(Code.of(o.name() + "()"), " could not be called: " + e.getMessage() + "."));
            }
        }
        return true;
    }

    private void fail(Cast command, Trial t, List<Operation> execute, List<Operation> undo) throws Ended {
        Map.Entry<String, List<String>> first =
                t.changed().entrySet().iterator().next();
        String what = first.getKey();
        List<String> v = first.getValue();
        scene.account()
                .add(LineKind.EXPECTED, 0, false, Code.of(what), " to be " + v.get(0) + " again; it is " + v.get(2));
        throw new Ended(
                Outcome.FAILED,
                Account.say(
                        Code.of(execute.get(0).name() + "()"),
                        " of ",
                        Casting.code(command.type(), command.role()),
                        " changed ",
                        Code.of(what),
                        " from " + v.get(0) + " to " + v.get(1) + "; after ",
                        Code.of(undo.get(0).name() + "()"),
                        " it is " + v.get(2) + "."));
    }
}
