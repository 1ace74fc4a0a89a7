package hausaufgabe.core.scenario.rehearsal;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Observed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the program did when it was run as its own demonstration shows: with which arguments its operations were called, on
 * which objects, in which order. The program takes these values and orders, whatever rules of its own it has.
 */
public final class Rehearsal {

    /** What is known of a program that shows nothing of itself. */
    public static final Rehearsal NONE = new Rehearsal(List.of(), Set.of());

    /** With how many sets of arguments at most an operation is called again. */
    private static final int MOST_SHOWN = 4;

    private final List<RehearsedCall> calls;
    private final Map<String, List<RehearsedCall>> byOperation = new HashMap<>();
    private final Map<Integer, RehearsedCall> births = new LinkedHashMap<>();
    private final Map<Integer, RehearsedCall> givers = new HashMap<>();
    private final Map<Integer, List<RehearsedCall>> lives = new LinkedHashMap<>();

    private final Set<String> demonstrators;

    /**
     * @param calls all calls in the order in which they were entered
     * @param demonstrators ids of the types that the program can be started with: what they call, the program shows
     */
    public Rehearsal(List<RehearsedCall> calls, Set<String> demonstrators) {
        this.demonstrators = Set.copyOf(demonstrators);
        this.calls = List.copyOf(calls);
        for (RehearsedCall c : calls) {
            byOperation
                    .computeIfAbsent(c.operation().id(), o -> new ArrayList<>())
                    .add(c);
            c.operation()
                    .overrides()
                    .forEach(up -> byOperation
                            .computeIfAbsent(up, o -> new ArrayList<>())
                            .add(c));
            if (c.operation().isConstructor()) {
                // what an object inherits is made first, so that the last one is its own type's
                births.put(c.object(), c);
                continue;
            }
            if (c.object() >= 0 && !c.isOnItself()) {
                lives.computeIfAbsent(c.object(), o -> new ArrayList<>()).add(c);
            }
            if (c.cameBack() && c.result().ref() != null && c.result().ref().id() != c.object()) {
                givers.putIfAbsent(c.result().ref().id(), c);
            }
        }
    }

    public boolean isEmpty() {
        return calls.isEmpty();
    }

    /**
     * Calls of an operation, or of one that overrides it, that came back, no two with the same arguments; a few at most.
     *
     * @param on id of the type whose objects' calls come first; null where it does not matter
     */
    public List<RehearsedCall> callsOf(Operation operation, @Nullable String on) {
        List<RehearsedCall> all = byOperation.getOrDefault(operation.id(), List.of()).stream()
                .filter(RehearsedCall::cameBack)
                .sorted(Comparator.comparing((RehearsedCall c) -> on != null && !isOf(c.object(), on)))
                .toList();
        List<RehearsedCall> shown = new ArrayList<>();
        Set<List<Object>> known = new LinkedHashSet<>();
        for (RehearsedCall c : all) {
            if (shown.size() < MOST_SHOWN && known.add(keys(c.arguments()))) {
                shown.add(c);
            }
        }
        return shown;
    }

    private boolean isOf(int object, String type) {
        RehearsedCall birth = births.get(object);
        return birth != null && birth.operation().owner().equals(type);
    }

    private static List<Object> keys(List<Observed> arguments) {
        return arguments.stream()
                .<Object>map(a -> a.ref() == null ? a.text() : a.ref().id())
                .toList();
    }

    /** How an object was made; nothing where that was not seen. */
    public Optional<RehearsedCall> birthOf(int object) {
        return Optional.ofNullable(births.get(object));
    }

    /** The operation that first gave an object out; nothing where none did. */
    public Optional<RehearsedCall> giverOf(int object) {
        return Optional.ofNullable(givers.get(object));
    }

    /** Whether an object of a type, or of one that realises it, was made. */
    public boolean makesOneOf(Type type, Design design) {
        return births.values().stream().anyMatch(b -> isOf(b, type, design));
    }

    /** What was called on an object from outside, in order. */
    public List<RehearsedCall> lifeOf(int object) {
        return lives.getOrDefault(object, List.of());
    }

    /** What the demonstration itself called on an object before a call, in order; what came of that by itself is left out. */
    public List<RehearsedCall> shownBefore(int object, int number) {
        return lifeOf(object).stream()
                .filter(c -> c.number() < number && c.cameBack() && isShown(c))
                .toList();
    }

    private boolean isShown(RehearsedCall call) {
        RehearsedCall caller = births.get(call.caller());
        return call.caller() < 0
                || caller != null && demonstrators.contains(caller.operation().owner());
    }

    /** What the demonstration called on each object of a type or of one that realises it, in order; the longest first. */
    public List<List<RehearsedCall>> livesOf(Type type, Design design) {
        return lives.entrySet().stream()
                .filter(e -> isOf(births.getOrDefault(e.getKey(), e.getValue().get(0)), type, design))
                .map(e -> shownBefore(e.getKey(), Integer.MAX_VALUE))
                .filter(life -> !life.isEmpty())
                .sorted((a, b) -> b.size() - a.size())
                .toList();
    }

    /** By what made it, or where that is not told, by what was called on it. */
    private static boolean isOf(RehearsedCall known, Type type, Design design) {
        String made = known.operation().owner();
        return made.equals(type.id()) || design.realises(made, type.id());
    }

    /**
     * What the program handed over as parameters of this name and type, in order, each once: what is right for one
     * operation's {@code berth} is mostly right for another's.
     */
    public List<Observed> simpleValuesNamed(String parameter, String type) {
        List<Observed> all = new ArrayList<>();
        Set<String> known = new LinkedHashSet<>();
        for (RehearsedCall c : calls) {
            List<Operation.Parameter> parameters = c.operation().parameters();
            for (int i = 0; i < parameters.size() && i < c.arguments().size(); i++) {
                boolean same = parameters.get(i).name().equalsIgnoreCase(parameter)
                        && parameters.get(i).type().type().equals(type);
                Observed value = c.arguments().get(i);
                if (same && c.cameBack() && value.isSimple() && known.add(value.text())) {
                    all.add(value);
                }
            }
        }
        return all;
    }
}
