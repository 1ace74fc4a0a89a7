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
import org.jspecify.annotations.Nullable;

/** Who called whom while a scenario ran, in order. Kept to {@value #MOST} calls. */
public final class Trace {

    private static final int MOST = 200;
    private static final int SHOWN = 60;

    private final Map<String, Participant> participants = new LinkedHashMap<>();
    private final Map<Integer, String> names = new HashMap<>();
    private final List<Message> messages = new ArrayList<>();
    private final Map<Integer, Deque<Integer>> open = new HashMap<>();
    private boolean cut;

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
        Deque<Integer> frames = open.computeIfAbsent(thread, t -> new ArrayDeque<>());
        if (messages.size() >= MOST) {
            cut = true;
            frames.push(-1);
            return;
        }
        String to = participant(object, type);
        String from = frames.isEmpty() || frames.peek() < 0
                ? ""
                : messages.get(frames.peek()).to();
        frames.push(messages.size());
        messages.add(new Message(
                from, to, operation, arguments.stream().map(Trace::shown).toList(), null, thread));
    }

    private void end(int thread, @Nullable String result) {
        Deque<Integer> frames = open.get(thread);
        Integer begun = frames == null ? null : frames.poll();
        if (begun != null && begun >= 0 && result != null) {
            Message m = messages.get(begun);
            messages.set(begun, new Message(m.from(), m.to(), m.operation(), m.arguments(), result, m.thread()));
        }
    }

    private String participant(int object, @Nullable String type) {
        String simple = type == null ? "" : TypeToken.simpleName(type);
        String id = object < 0 ? "type " + type : "object " + object;
        participants.computeIfAbsent(id, i -> new Participant(i, names.getOrDefault(object, ""), simple));
        if (!simple.isEmpty() && participants.get(id).type().isEmpty()) {
            participants.put(id, new Participant(id, names.getOrDefault(object, ""), simple));
        }
        return id;
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
        return messages.isEmpty() ? null : new CallSequence(named, List.copyOf(messages), cut);
    }
}
