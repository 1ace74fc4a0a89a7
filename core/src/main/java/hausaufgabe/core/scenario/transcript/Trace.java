package hausaufgabe.core.scenario.transcript;

import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.TypeToken;
import hausaufgabe.core.report.CallSequence;
import hausaufgabe.core.report.CallSequence.Message;
import hausaufgabe.core.report.CallSequence.Participant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Who called whom while a scenario ran, in order. Kept to {@value #MOST} calls. */
public final class Trace {

    private static final int MOST = 200;
    private static final int SHOWN = 60;

    private final Map<String, Participant> participants = new LinkedHashMap<>();
    private final Map<Integer, String> names = new HashMap<>();
    private final List<Message> messages = new ArrayList<>();
    private final Map<Integer, Deque<Frame>> open = new HashMap<>();
    private final Predicate<String> isKept;
    private @Nullable Integer brokenAt;
    private boolean cut;

    /** Of every call. */
    public Trace() {
        this(type -> true);
    }

    /** @param isKept by id of the type whether calls of its operations are kept; what those calls call comes from their caller */
    public Trace(Predicate<String> isKept) {
        this.isKept = isKept;
    }

    /**
     * A call under way.
     *
     * @param message place of the call that is kept, its own or the nearest one round it; below 0 for none
     */
    private record Frame(int message, boolean isItsOwn) {}

    /** The scenario's own name for an object. */
    public void name(int object, String variable) {
        names.put(object, variable);
    }

    public void happened(Event e) {
        if (e instanceof Event.DoubleCalled a) {
            begin(a.object(), null, a.called().name(), a.arguments(), a.thread());
            end(a.thread(), null);
        } else if (e instanceof Event.Entered n) {
            begin(n.object(), n.type(), n.called().name(), n.arguments(), n.thread());
        } else if (e instanceof Event.Left l) {
            end(
                    l.thread(),
                    l.threw() != null
                            ? "threw " + l.threw()
                            : shown(l.value(), l.called().result()));
        } else if (e instanceof Event.Cut) {
            cut = true;
        }
    }

    private static @Nullable String shown(@Nullable Observed value, String type) {
        return type.isEmpty() || value == null ? null : shown(value);
    }

    private static String shown(Observed value) {
        String text = value.kind() == Kind.TEXT ? '"' + value.text() + '"' : value.text();
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }

    private void begin(int object, @Nullable String type, String operation, List<Observed> arguments, int thread) {
        Deque<Frame> frames = open.computeIfAbsent(thread, t -> new ArrayDeque<>());
        int within = frames.isEmpty() ? -1 : frames.peek().message();
        boolean kept = type == null || isKept.test(type);
        if (!kept || messages.size() >= MOST) {
            cut |= kept;
            frames.push(new Frame(within, false));
            return;
        }
        boolean makes = operation.equals(Event.Signature.CONSTRUCTOR);
        String to = participant(object, type, makes);
        String from = within < 0 ? "" : messages.get(within).to();
        Message message = new Message(
                from, to, operation, arguments.stream().map(Trace::shown).toList(), null, thread);
        if (makes && makesTheSame(message)) {
            messages.remove(messages.size() - 1);
        }
        frames.push(new Frame(messages.size(), true));
        messages.add(message);
    }

    /** What an object inherits is made just before the rest of it: one call made both. */
    private boolean makesTheSame(Message m) {
        Message last = messages.isEmpty() ? null : messages.get(messages.size() - 1);
        return last != null
                && last.operation().equals(m.operation())
                && last.to().equals(m.to())
                && last.from().equals(m.from());
    }

    private void end(int thread, @Nullable String result) {
        Deque<Frame> frames = open.get(thread);
        Frame begun = frames == null ? null : frames.poll();
        if (begun != null && begun.isItsOwn() && result != null) {
            Message m = messages.get(begun.message());
            messages.set(
                    begun.message(), new Message(m.from(), m.to(), m.operation(), m.arguments(), result, m.thread()));
        }
    }

    /** @param makes whether its type is told anew: of several constructors the last is of its own type */
    private String participant(int object, @Nullable String type, boolean makes) {
        String simple = type == null ? "" : TypeToken.simpleName(type);
        String id = object < 0 ? "type " + type : "object " + object;
        participants.computeIfAbsent(id, i -> new Participant(i, names.getOrDefault(object, ""), simple));
        if (!simple.isEmpty() && (makes || participants.get(id).type().isEmpty())) {
            participants.put(id, new Participant(id, names.getOrDefault(object, ""), simple));
        }
        return id;
    }

    /** An expectation did not hold: this is the place, unless an earlier one did not. */
    public void broke() {
        if (brokenAt == null) {
            brokenAt = messages.size();
        }
    }

    /** What was kept; null where nothing was called. */
    public @Nullable CallSequence sequence() {
        List<Participant> named = participants.values().stream()
                .map(p -> {
                    String name = p.id().startsWith("object ")
                            ? names.getOrDefault(Integer.valueOf(p.id().substring(7)), p.name())
                            : p.name();
                    return new Participant(p.id(), name, p.type());
                })
                .toList();
        return messages.isEmpty() ? null : new CallSequence(named, List.copyOf(messages), brokenAt, cut);
    }
}
