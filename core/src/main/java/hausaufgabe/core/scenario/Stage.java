package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Called;
import hausaufgabe.core.scenario.Driver.Event;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Driver.Thrown;
import hausaufgabe.core.scenario.Driver.Value;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One driver during one scenario, with everything heard and printed so far. */
final class Stage {

    private static final int PRINTED = 300;

    private final Design design;
    private final Driver driver;
    private final Account account;
    private final Tracing tracing;
    private final List<Heard> heard = new ArrayList<>();
    private final Map<Integer, Deque<Heard>> within = new HashMap<>();
    private StringBuilder captured;
    private boolean performing;

    /**
     * An operation was called.
     *
     * @param outer what the same thread had entered before and not left; null where nothing
     * @param seen what a double saw of others when it was asked
     */
    record Heard(int object, Called called, List<Value> arguments, List<Value> seen, Heard outer) {}

    Stage(Design design, Driver driver, Account account, Tracing tracing) {
        this.design = design;
        this.driver = driver;
        this.account = account;
        this.tracing = tracing;
    }

    Answer ask(Request request) throws DriverLost {
        Answer a = driver.ask(request);
        for (Event e : a.events()) {
            tracing.happened(e);
            if (e instanceof Event.Asked h) {
                heard.add(new Heard(
                        h.object(),
                        h.called(),
                        h.arguments(),
                        h.seen(),
                        within(h.thread()).peek()));
            } else if (e instanceof Event.Entered h) {
                entered(h);
            } else if (e instanceof Event.Left l) {
                within(l.thread()).poll();
            } else if (e instanceof Event.Printed p) {
                account.add(LineKind.PRINTED, 1, null, "printed ", Code.of(shortened(p.text())));
                if (captured != null && performing) {
                    captured.append(p.text());
                }
            }
        }
        within.clear();
        return a;
    }

    private Deque<Heard> within(int thread) {
        return within.computeIfAbsent(thread, t -> new ArrayDeque<>());
    }

    /** A call of the inherited version on the same object is no second call. */
    private void entered(Event.Entered e) {
        Deque<Heard> frames = within(e.thread());
        Heard now = new Heard(e.object(), e.called(), e.arguments(), List.of(), frames.peek());
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

    /** What an object heard of some operations, in order. */
    List<Heard> heardBy(Given.Ref object, List<Operation> operations) {
        return heard.stream()
                .filter(h -> object != null && h.object() == object.id())
                .filter(h -> operations.stream().anyMatch(o -> isCallOf(h.called(), o)))
                .toList();
    }

    /** Everything an object heard, in order. */
    List<Heard> heardOf(Given.Ref object) {
        return heard.stream()
                .filter(h -> object != null && h.object() == object.id())
                .toList();
    }

    /** Everything that was heard since calls were last forgotten. */
    List<Heard> heard() {
        return List.copyOf(heard);
    }

    /** Where calls stand among all that were heard. */
    List<Integer> places(List<Heard> some) {
        return some.stream()
                .map(h -> {
                    for (int i = 0; i < heard.size(); i++) {
                        if (heard.get(i) == h) {
                            return i;
                        }
                    }
                    return -1;
                })
                .toList();
    }

    int count(Given.Ref object, List<Operation> operations) {
        return heardBy(object, operations).size();
    }

    /** By name and number of parameters; by their types where these are not enough. */
    boolean isCallOf(Called called, Operation o) {
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
        return !overloaded || plain(called.parameters()).equals(plain(Maker.parameterTypes(o)));
    }

    private static List<String> plain(List<String> types) {
        return types.stream().map(t -> t.replace('$', '.')).toList();
    }

    void forgetCalls() {
        heard.clear();
    }

    /** Makes a call that a step asks for, as against one that only makes something for it. */
    Answer perform(Request request) throws DriverLost {
        performing = true;
        try {
            return ask(request);
        } finally {
            performing = false;
        }
    }

    /** From here on what is printed by calls of steps is kept. */
    void capture() {
        captured = new StringBuilder();
    }

    /** What was printed since {@link #capture()}. */
    String captured() {
        return captured == null ? "" : captured.toString();
    }

    static String said(Thrown thrown) {
        Optional<String> collapse = Collapse.said(thrown);
        if (collapse.isPresent()) {
            return simpleName(thrown) + ", it " + collapse.get();
        }
        String simple = simpleName(thrown);
        String message =
                thrown.message() == null || thrown.message().isBlank() ? "" : ": " + shortened(thrown.message());
        String at = thrown.at() == null || thrown.at().isEmpty() ? "" : " at " + thrown.at();
        return simple + message + at;
    }

    private static String simpleName(Thrown thrown) {
        return thrown.type().substring(thrown.type().lastIndexOf('.') + 1);
    }

    static String shortened(String text) {
        String line = text.strip().replace("\r", "").replace("\n", " ⏎ ");
        return line.length() <= PRINTED ? line : line.substring(0, PRINTED) + " …";
    }
}
