package hausaufgabe.core.scenario.expectation;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.CallExecutor;
import hausaufgabe.core.scenario.execution.MadeCall;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.session.HeardCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Whoever asks sees what is true after the change; whoever is told is not told what was true before it. What is told may
 * be worked out from the change in any way, so only the old value is a fault.
 */
public final class NewsExpectation {

    private final ScenarioContext context;
    private final Design design;
    private final CallExecutor calls;
    private final Expectation expectation;
    private final Map<String, List<Request.Call>> watched = new HashMap<>();
    private final Map<String, List<Observed>> before = new HashMap<>();

    public NewsExpectation(ScenarioContext context, CallExecutor calls) {
        this.context = context;
        this.design = context.design();
        this.calls = calls;
        this.expectation = new Expectation(context.transcript());
    }

    /** Has the double look at what the program's own types that realise its type ask of the other when they are called. */
    public void look(Step.Look step) throws DriverLost {
        Referent one = context.environment().get(step.variable());
        Referent at = context.environment().get(step.at());
        if (at.object() == null || one.object() == null) {
            return;
        }
        List<Request.Call> asked = askedBy(one.knownType(), at.knownType()).stream()
                .map(o -> context.call(at.object(), at.knownType(), o, List.of()))
                .toList();
        if (!asked.isEmpty()) {
            watched.put(step.variable(), asked);
            context.session().ask(new Request.Watch(one.object(), asked));
            before.put(step.variable(), seenNow(asked));
        }
    }

    private List<Operation> askedBy(Type abstraction, Type other) {
        List<Operation> asked = new ArrayList<>();
        for (Type lower : design.realisationsOf(abstraction)) {
            for (Operation o : design.methodsOf(lower)) {
                design.bodies().reachedFrom(o).forEach(s -> {
                    if (s.fact() instanceof Fact.Call c && c.operation() != null) {
                        design.methodsOf(other).stream()
                                .filter(m -> design.isSameCall(c.operation(), m))
                                .filter(m -> m.parameters().isEmpty() && m.result() != null && !m.isStatic())
                                .filter(m -> !asked.contains(m))
                                .forEach(asked::add);
                    }
                });
            }
        }
        return asked;
    }

    private List<Observed> seenNow(List<Request.Call> asked) throws DriverLost {
        List<Observed> seen = new ArrayList<>();
        for (Request.Call c : asked) {
            Answer a = context.session().ask(c);
            seen.add(a.value() == null ? Observed.NOTHING : a.value());
        }
        return seen;
    }

    public StepResult expect(Step.ExpectNews step) throws DriverLost {
        List<HeardCall> all = context.session()
                .heardBy(context.environment().get(step.variable()).object());
        boolean compared = false;
        List<Request.Call> asked = watched.getOrDefault(step.variable(), List.of());
        List<Observed> then = before.getOrDefault(step.variable(), List.of());
        if (!all.isEmpty() && !asked.isEmpty()) {
            List<Observed> seen = all.get(all.size() - 1).seen();
            List<Observed> now = seenNow(asked);
            for (int i = 0; i < Math.min(seen.size(), now.size()); i++) {
                boolean stale = !seen.get(i).equals(now.get(i)) && seen.get(i).equals(then.get(i));
                String operation = asked.get(i).operation();
                StepResult held = expectation.hold(
                        !stale,
                        Transcript.say(Code.of(operation + "()"), " to tell whoever is called what is true now"),
                        "it still told " + context.wording().shown(seen.get(i)) + ", and "
                                + context.wording().shown(now.get(i)) + " afterwards");
                if (!held.isHeld()) {
                    return held;
                }
                compared |= !now.get(i).equals(then.get(i));
            }
        }
        List<MadeCall> made = calls.history();
        if (!all.isEmpty() && made.size() > 1) {
            HeardCall heard = all.get(all.size() - 1);
            for (Change change : changes(made.get(made.size() - 2), made.get(made.size() - 1))) {
                boolean toldNew = isTold(heard, change.now());
                StepResult held = expectation.hold(
                        toldNew || !isTold(heard, change.old()),
                        Transcript.say(
                                "to be told the new state, ",
                                Code.of(context.wording().shown(change.now()))),
                        "it was told " + context.wording().shown(change.old()) + ", which was the state before");
                if (!held.isHeld()) {
                    return held;
                }
                compared |= toldNew;
            }
        }
        return compared
                ? StepResult.HELD
                : StepResult.nothingToShow("What is told cannot be compared with what was changed.");
    }

    /** What the operation was called with the time before, and the last time. */
    private record Change(Input old, Input now) {}

    /** Truth values are left out: too many things are true or false by themselves. */
    private static List<Change> changes(MadeCall previous, MadeCall last) {
        List<Change> changes = new ArrayList<>();
        int both = Math.min(previous.arguments().size(), last.arguments().size());
        for (int i = 0; i < both; i++) {
            Input old = previous.arguments().get(i);
            Input now = last.arguments().get(i);
            if (previous.operation().equals(last.operation()) && isOther(old, now)) {
                changes.add(new Change(old, now));
            }
        }
        return changes;
    }

    private static boolean isOther(Input old, Input now) {
        if (old instanceof Input.Simple o && now instanceof Input.Simple n) {
            return !o.text().equals(n.text()) && o.kind() != Kind.TRUTH;
        }
        return old instanceof ObjectRef o && now instanceof ObjectRef n && o.id() != n.id();
    }

    private static boolean isTold(HeardCall heard, Input value) {
        return heard.arguments().stream()
                .anyMatch(v -> value instanceof Input.Simple s
                        ? v.isSimple() && v.hasSameWorthAs(s.observed())
                        : v.ref() != null && v.ref().id() == ((ObjectRef) value).id());
    }
}
