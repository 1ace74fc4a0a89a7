package hausaufgabe.server.submission;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What waits for its check, and whose turn it is: what somebody is looking at first; then one exercise after the other; of an
 * exercise the newest attempt of each student before the older ones of anybody, of these the newest, and whoever came first. Not for several threads.
 */
final class WaitingLine {

    /** A check that waits. */
    record Waiting(long submission, long exercise, long student, int attempt) {}

    private final Map<Long, Waiting> all = new LinkedHashMap<>();
    private final Set<Long> paused = new HashSet<>();
    private final Set<Long> lookedAt = new HashSet<>();
    /** When an exercise had its turn last, in turns. */
    private final Map<Long, Long> served = new HashMap<>();

    /** The newest attempt of somebody that has been in the line. */
    private final Map<Who, Integer> newest = new HashMap<>();

    private long turn;

    private record Who(long exercise, long student) {}

    void add(Waiting w) {
        all.remove(w.submission());
        all.put(w.submission(), w);
        newest.merge(new Who(w.exercise(), w.student()), w.attempt(), Math::max);
    }

    /** Takes one out of the line; false where it is not in it. */
    boolean remove(long submission) {
        lookedAt.remove(submission);
        return all.remove(submission) != null;
    }

    void lookAt(long submission) {
        if (all.containsKey(submission)) {
            lookedAt.add(submission);
        }
    }

    void pause(long exercise, boolean isPaused) {
        if (isPaused) {
            paused.add(exercise);
        } else {
            paused.remove(exercise);
        }
    }

    boolean isPaused(long exercise) {
        return paused.contains(exercise);
    }

    int size() {
        return all.size();
    }

    List<Waiting> of(long exercise) {
        return all.values().stream().filter(w -> w.exercise() == exercise).toList();
    }

    /** Whose turn it is, who is then no longer in the line; empty while there is nobody. */
    Optional<Waiting> next() {
        Optional<Waiting> next = open().filter(w -> lookedAt.contains(w.submission()))
                .findFirst()
                .or(this::byTurn);
        next.ifPresent(w -> {
            remove(w.submission());
            served.put(w.exercise(), ++turn);
        });
        return next;
    }

    private Stream<Waiting> open() {
        return all.values().stream().filter(w -> !paused.contains(w.exercise()));
    }

    private Optional<Waiting> byTurn() {
        Optional<Long> exercise =
                open().map(Waiting::exercise).distinct().min(Comparator.comparing(e -> served.getOrDefault(e, 0L)));
        return exercise.map(e -> {
            List<Waiting> here = of(e);
            return here.stream()
                    .filter(w -> w.attempt() == newest.get(new Who(e, w.student())))
                    .findFirst()
                    .or(() -> here.stream().max(Comparator.comparingInt(Waiting::attempt)))
                    .orElseThrow();
        });
    }
}
