package hausaufgabe.core.scenario.rehearsal;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Event.Signature;
import hausaufgabe.core.driver.Observed;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Makes calls of what a driver tells while a program runs as a whole. */
final class RehearsalReader {

    private final Design design;
    private final List<RehearsedCall> calls = new ArrayList<>();
    private final Map<Integer, Deque<Frame>> open = new HashMap<>();

    RehearsalReader(Design design) {
        this.design = design;
    }

    /** @param call its place among the calls; below 0 for what is no operation of the design */
    private record Frame(int call, int object) {}

    void read(List<Event> events) {
        open.clear();
        for (Event e : events) {
            if (e instanceof Event.Entered n) {
                entered(n);
            } else if (e instanceof Event.Left l) {
                left(l);
            }
        }
    }

    Rehearsal rehearsal() {
        Set<String> demonstrators = design.operations().stream()
                .filter(o -> o.role() == Operation.Role.ENTRY)
                .map(Operation::owner)
                .collect(Collectors.toSet());
        return new Rehearsal(calls, demonstrators);
    }

    private void entered(Event.Entered e) {
        Deque<Frame> frames = open.computeIfAbsent(e.thread(), t -> new ArrayDeque<>());
        int caller = frames.isEmpty() ? -1 : frames.peek().object();
        Optional<Operation> operation = operation(e.type(), e.called());
        frames.push(new Frame(operation.isPresent() ? calls.size() : -1, e.object()));
        operation.ifPresent(o -> calls.add(new RehearsedCall(
                calls.size(), calls.size(), o, e.object(), caller, own(o, e.arguments()), false, Observed.NOTHING)));
    }

    private void left(Event.Left e) {
        Deque<Frame> frames = open.get(e.thread());
        Frame frame = frames == null ? null : frames.poll();
        if (frame != null && frame.call() >= 0) {
            boolean back = e.threw() == null;
            Observed value = e.value() == null ? Observed.NOTHING : e.value();
            calls.set(frame.call(), calls.get(frame.call()).ended(calls.size() - 1, back, value));
        }
    }

    private Optional<Operation> operation(String type, Signature called) {
        boolean makes = called.name().equals(Signature.CONSTRUCTOR);
        return design.type(type)
                .flatMap(t -> design.operationsOf(t).stream()
                        .filter(o -> makes
                                ? o.isConstructor()
                                : o.isMethod() && o.name().equals(called.name()))
                        .filter(o -> takes(called, o))
                        .findFirst());
    }

    /** What makes an object may be handed more than is declared, such as the object that an inner one belongs to. */
    private static boolean takes(Signature called, Operation o) {
        List<String> declared = o.parameterTokens();
        int hidden = called.parameters().size() - declared.size();
        return hidden >= 0
                && (hidden == 0 || o.isConstructor())
                && (called.parameters()
                                .subList(hidden, called.parameters().size())
                                .equals(declared)
                        || declared.contains("?"));
    }

    private static List<Observed> own(Operation o, List<Observed> told) {
        int hidden = told.size() - o.parameters().size();
        return hidden > 0 ? List.copyOf(told.subList(hidden, told.size())) : List.copyOf(told);
    }
}
