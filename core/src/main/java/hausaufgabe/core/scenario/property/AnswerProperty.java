package hausaufgabe.core.scenario.property;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.CallWording;
import hausaufgabe.core.scenario.execution.ObjectFactory;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What one operation comes to depends on what another answers: told another answer, it gives back something else, changes
 * something else or prints something else. Each time on an object of its own, since one may keep what it was answered before.
 */
public final class AnswerProperty {

    private static final int ROUNDS = 8;
    /** How many different answers have to come to the same before that is a fault. */
    private static final int ENOUGH = 3;

    private final ScenarioContext context;
    private final ObjectFactory objects;

    public AnswerProperty(ScenarioContext context, ObjectFactory objects) {
        this.context = context;
        this.objects = objects;
    }

    public StepResult expect(Step.ExpectBond step) throws DriverLost {
        Referent front = context.environment().get(step.first().variable());
        Referent back = context.environment().get(step.second().variable());
        List<Operation> answering = context.binding().operations(step.second().member());
        if (back.object() == null || !back.isDouble() || answering.stream().noneMatch(o -> o.result() != null)) {
            return StepResult.nothingToShow("Nothing is answered that could be told another way.");
        }
        for (Operation o : context.binding().operations(step.first().member())) {
            Set<String> answers = new LinkedHashSet<>();
            Set<String> outcomes = new LinkedHashSet<>();
            for (int round = 0; round < ROUNDS && outcomes.size() < 2; round++) {
                probe(front, back, o, answering, round, answers).ifPresent(outcomes::add);
            }
            if (outcomes.size() > 1) {
                context.transcript()
                        .expected(true, Code.of(o.name() + "()"), " to come to something else after another answer");
                return StepResult.HELD;
            }
            if (outcomes.size() == 1 && answers.size() >= ENOUGH) {
                context.transcript()
                        .expected(
                                false,
                                Code.of(o.name() + "()"),
                                " to come to something else after another answer; it came to the same after ",
                                Code.of(String.join(", ", answers)));
                return StepResult.failed(
                        "Whatever ",
                        CallWording.code(back.knownType(), back.role()),
                        " answers, ",
                        Code.of(o.name() + "()"),
                        " comes to the same: its answer does not count.");
            }
        }
        return StepResult.nothingToShow("It was not answered often enough to compare.");
    }

    /** What the operation came to; nothing where it was not called to the end, or did not ask. */
    private Optional<String> probe(
            Referent front, Referent back, Operation o, List<Operation> answering, int round, Set<String> answers)
            throws DriverLost {
        ArgumentPool with = context.poolOf(List.of(back));
        Map<Operation, List<Input>> told =
                context.doubles().answer(back.knownObject(), back.knownType(), Map.of(), round, 0);
        Optional<Referent> fresh = objects.anotherWith(front, with);
        if (fresh.isEmpty()) {
            return Optional.empty();
        }
        ObjectRef on = fresh.get().knownObject();
        try {
            List<Input> arguments = context.values().arguments(o, front.knownType(), with.anew(), 0);
            Map<String, String> before = state(on, arguments, back);
            context.session().forgetCalls();
            Answer came = context.callOn(on, front.knownType(), o, arguments);
            // what it does itself, rather than as it was told, says nothing of its answers
            List<Operation> asked = answering.stream()
                    .filter(a -> told.containsKey(a) && context.session().count(back.object(), List.of(a)) > 0)
                    .toList();
            Optional<String> answered = asked.stream()
                    .flatMap(a -> told.getOrDefault(a, List.of()).stream().limit(1))
                    .filter(i -> i instanceof Input.Simple)
                    .map(i -> ((Input.Simple) i).text())
                    .findFirst();
            if (came.thrown() != null || answered.isEmpty()) {
                return Optional.empty();
            }
            answers.add(answered.get());
            return Optional.of(outcome(came, changes(before, state(on, arguments, back))));
        } catch (NoValueFound e) {
            return Optional.empty();
        }
    }

    private String outcome(Answer came, Map<String, String> changes) {
        StringBuilder all = new StringBuilder();
        Observed value = came.value();
        all.append(value.ref() == null ? value.text() : value.ref().type() + " " + value.text());
        for (Event e : came.events()) {
            if (e instanceof Event.Printed p) {
                all.append('\n').append(p.text());
            }
        }
        return all.append('\n').append(changes).toString();
    }

    /** What the object and what it was handed keep, what stands in left out. */
    private Map<String, String> state(ObjectRef on, List<Input> arguments, Referent back) throws DriverLost {
        List<ObjectRef> all = new ArrayList<>(List.of(on));
        arguments.forEach(a -> {
            if (a instanceof ObjectRef r && r.id() != back.knownObject().id()) {
                all.add(r);
            }
        });
        Map<String, String> state = new TreeMap<>();
        for (int i = 0; i < all.size(); i++) {
            int which = i;
            context.session()
                    .ask(new Request.State(all.get(i), List.of(back.knownObject())))
                    .named()
                    .forEach((way, text) -> state.put(which + "." + way, text));
        }
        return state;
    }

    private static Map<String, String> changes(Map<String, String> before, Map<String, String> after) {
        Map<String, String> changed = new TreeMap<>(after);
        before.forEach((way, text) -> {
            if (text.equals(changed.get(way))) {
                changed.remove(way);
            }
        });
        return changed;
    }
}
