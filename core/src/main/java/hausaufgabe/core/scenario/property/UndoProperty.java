package hausaufgabe.core.scenario.property;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.CallWording;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * One operation undoes what another did to the objects that the first one's was given. A receiver may keep more than its
 * state, such as a log; it is a fault only where nothing that was changed is as it was.
 */
public final class UndoProperty {

    private static final String NOTHING = "nothing";

    private final ScenarioContext context;
    private List<Operation> execute = List.of();
    private boolean inverted;

    public UndoProperty(ScenarioContext context) {
        this.context = context;
    }

    /** @throws NoValueFound where nothing can be made to call an operation with */
    public StepResult expect(Step.ExpectBond step) throws DriverLost, NoValueFound {
        Referent command = context.environment().get(step.first().variable());
        List<Operation> undo = context.binding().operations(step.first().member());
        execute = context.binding().operations(step.second().member());
        List<Referent> receivers = receivers(command);
        if (receivers.isEmpty()) {
            return StepResult.nothingToShow("It was given no object of the program whose state could be seen.");
        }
        Trial shown = null;
        Trial onlyMore = null;
        List<Type> kinds = kinds(command, undo);
        for (int round = 0; round < 2 + kinds.size(); round++) {
            Trial t = trial(command, receivers, undo, kinds, round);
            if (t != null && t.isAnyGivenBack()) {
                shown = t;
            } else if (t != null && t.isAnyReplaced()) {
                return fail(command, t, undo);
            } else if (t != null && !t.changed().isEmpty()) {
                onlyMore = t;
            }
        }
        if (shown == null && onlyMore != null) {
            return fail(command, onlyMore, undo);
        }
        if (shown == null) {
            return StepResult.nothingToShow("Nothing that could be seen was changed.");
        }
        context.transcript().expected(true, Code.of(undo.get(0).name() + "()"), " to give back what was there before");
        return StepResult.HELD;
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
    private List<Referent> receivers(Referent command) {
        List<Referent> all = new ArrayList<>();
        for (ObjectRef r : context.values().made()) {
            Type type = context.design().type(r.type()).orElse(null);
            if (type != null && type.isOwn() && r.id() != command.knownObject().id()) {
                all.add(Referent.made(null, type, r, false));
            }
        }
        return all;
    }

    private Map<String, String> state(List<Referent> receivers, Referent command) throws DriverLost {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < receivers.size(); i++) {
            String name = receivers.get(i).knownType().name();
            Map<String, String> one = context.session()
                    .ask(new Request.State(receivers.get(i).knownObject(), List.of(command.object())))
                    .named();
            for (Map.Entry<String, String> e : one.entrySet()) {
                all.put((i == 0 ? "" : i + " ") + name + "." + e.getKey(), e.getValue());
            }
        }
        return all;
    }

    /** Kinds of command that can leave another state behind: its own first. */
    private List<Type> kinds(Referent command, List<Operation> undo) {
        List<Type> kinds = new ArrayList<>(List.of(command.type()));
        for (Operation o : undo) {
            context.design().type(o.owner()).map(context.design()::realisationsOf).orElse(List.of()).stream()
                    .filter(t -> t.isNamed() && context.design().isConcrete(t) && !kinds.contains(t))
                    .limit(5)
                    .forEach(kinds::add);
        }
        return kinds;
    }

    /** After another command has left a state that is not the first one; null where a call threw. */
    private @Nullable Trial trial(
            Referent command, List<Referent> receivers, List<Operation> undo, List<Type> kinds, int round)
            throws DriverLost, NoValueFound {
        if (round > 0) {
            prepare(kinds.get((round - 1) % kinds.size()), receivers, round);
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

    private void prepare(Type kind, List<Referent> receivers, int round) throws DriverLost, NoValueFound {
        ArgumentPool same = context.poolOf(receivers);
        for (Operation way : context.values().waysIn(kind, same)) {
            ObjectRef other = context.values().tryWay(kind, way, same.anew(), round, new ArrayList<>());
            if (other != null) {
                call(Referent.made(null, kind, other, false), execute, round);
                return;
            }
        }
    }

    private boolean call(Referent on, List<Operation> operations, int round) throws DriverLost, NoValueFound {
        for (Operation o : operations) {
            Answer a = context.callOn(on.object(), on.knownType(), o, context.arguments(o, on.knownType(), round));
            if (a.thrown() != null || !carriedOut(a, on, round)) {
                return false;
            }
        }
        return true;
    }

    /** An operation may give back a command that takes back what was done: then that is carried out. */
    private boolean carriedOut(Answer came, Referent on, int round) throws DriverLost, NoValueFound {
        ObjectRef back = came.value().ref();
        Type type = back == null ? null : context.design().type(back.type()).orElse(null);
        if (back == null
                || type == null
                || inverted
                || back.id() == on.knownObject().id()
                || !isCommand(type)) {
            return true;
        }
        inverted = true;
        try {
            return call(Referent.made(null, type, back, false), execute, round);
        } finally {
            inverted = false;
        }
    }

    private boolean isCommand(Type type) {
        return execute.stream()
                .anyMatch(e -> context.design().realises(type.id(), e.owner())
                        || e.owner().equals(type.id()));
    }

    private StepResult fail(Referent command, Trial t, List<Operation> undo) {
        Map.Entry<String, List<String>> first =
                t.changed().entrySet().iterator().next();
        String what = first.getKey();
        List<String> v = first.getValue();
        context.transcript().expected(false, Code.of(what), " to be " + v.get(0) + " again; it is " + v.get(2));
        return StepResult.failed(
                Code.of(execute.get(0).name() + "()"),
                " of ",
                CallWording.code(command.knownType(), command.role()),
                " changed ",
                Code.of(what),
                " from " + v.get(0) + " to " + v.get(1) + "; after ",
                Code.of(undo.get(0).name() + "()"),
                " it is " + v.get(2) + ".");
    }
}
