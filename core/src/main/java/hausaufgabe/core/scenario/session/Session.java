package hausaufgabe.core.scenario.session;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Event.Signature;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.transcript.Trace;
import hausaufgabe.core.scenario.transcript.Transcript;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** One driver during one scenario, with everything heard and printed so far. */
public final class Session {

    private final Design design;
    private final Driver driver;
    private final Transcript transcript;
    private final Trace trace;
    private final List<HeardCall> heard = new ArrayList<>();
    private final Map<Integer, Deque<HeardCall>> within = new HashMap<>();
    private final Set<Integer> everHeard = new HashSet<>();
    private final StringBuilder captured = new StringBuilder();
    private boolean capturing;
    private boolean performing;

    public Session(Design design, Driver driver, Transcript transcript, Trace trace) {
        this.design = design;
        this.driver = driver;
        this.transcript = transcript;
        this.trace = trace;
    }

    public Answer ask(Request request) throws DriverLost {
        Answer answer = driver.ask(request);
        answer.events().forEach(this::happened);
        within.clear();
        return answer;
    }

    private void happened(Event event) {
        trace.happened(event);
        if (event instanceof Event.DoubleCalled d) {
            HeardCall outer = within(d.thread()).peek();
            heard.add(new HeardCall(d.object(), d.called(), d.arguments(), d.seen(), outer));
        } else if (event instanceof Event.Entered e) {
            entered(e);
        } else if (event instanceof Event.Left l) {
            within(l.thread()).poll();
        } else if (event instanceof Event.Printed p) {
            transcript.add(LineKind.PRINTED, 1, null, "printed ", Code.of(ErrorText.shortened(p.text())));
            if (capturing && performing) {
                captured.append(p.text());
            }
        }
    }

    private Deque<HeardCall> within(int thread) {
        return within.computeIfAbsent(thread, t -> new ArrayDeque<>());
    }

    /** A call of the inherited version on the same object is no second call. */
    private void entered(Event.Entered e) {
        Deque<HeardCall> frames = within(e.thread());
        HeardCall now = new HeardCall(e.object(), e.called(), e.arguments(), List.of(), frames.peek());
        boolean again = frames.stream()
                .anyMatch(f -> f.object() == e.object()
                        && f.called().name().equals(e.called().name())
                        && f.called().parameters().size()
                                == e.called().parameters().size());
        frames.push(now);
        if (!again && e.object() >= 0) {
            heard.add(now);
        }
    }

    /**
     * What an object heard of some operations, in order.
     *
     * @param object null for what is no object, which hears nothing
     */
    public List<HeardCall> heardBy(@Nullable ObjectRef object, List<Operation> operations) {
        return heardBy(object).stream()
                .filter(h -> operations.stream().anyMatch(o -> isCallOf(h.called(), o)))
                .toList();
    }

    /** Calls of some operations, whoever heard them, in order. */
    public List<HeardCall> heardOf(List<Operation> operations) {
        return heard.stream()
                .filter(h -> operations.stream().anyMatch(o -> isCallOf(h.called(), o)))
                .toList();
    }

    /** Everything an object heard, in order. */
    public List<HeardCall> heardBy(@Nullable ObjectRef object) {
        return heard.stream()
                .filter(h -> object != null && h.object() == object.id())
                .toList();
    }

    /** Where calls stand among all that were heard. */
    public List<Integer> places(List<HeardCall> some) {
        return some.stream().map(this::place).toList();
    }

    /** The very same call: one that only looks alike is another. */
    private int place(HeardCall call) {
        for (int i = 0; i < heard.size(); i++) {
            if (heard.get(i) == call) {
                return i;
            }
        }
        return -1;
    }

    public int count(@Nullable ObjectRef object, List<Operation> operations) {
        return heardBy(object, operations).size();
    }

    /** By name and number of parameters; by their types where these are not enough. */
    public boolean isCallOf(Signature called, Operation o) {
        boolean named = o.name().equals(called.name())
                && o.parameters().size() == called.parameters().size();
        if (!named) {
            return false;
        }
        boolean overloaded = design.type(o.owner()).map(design::methodsOf).orElse(List.of()).stream()
                .anyMatch(other -> !other.equals(o)
                        && other.name().equals(o.name())
                        && other.parameters().size() == o.parameters().size()
                        && !other.overrides().contains(o.id())
                        && !o.overrides().contains(other.id()));
        return !overloaded || called.parameters().equals(o.parameterTokens());
    }

    /** Whether an object was ever called, also before calls were forgotten. */
    public boolean hasEverHeard(ObjectRef object) {
        return everHeard.contains(object.id()) || !heardBy(object).isEmpty();
    }

    public void forgetCalls() {
        heard.forEach(h -> everHeard.add(h.object()));
        heard.clear();
    }

    /** Makes a call that a step asks for, as against one that only makes something for it. */
    public Answer perform(Request request) throws DriverLost {
        performing = true;
        try {
            return ask(request);
        } finally {
            performing = false;
        }
    }

    /** From here on what is printed by calls of steps is kept. */
    public void capture() {
        capturing = true;
        captured.setLength(0);
    }

    /** What was printed since {@link #capture()}. */
    public String captured() {
        return captured.toString();
    }
}
