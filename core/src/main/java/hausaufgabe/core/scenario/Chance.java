package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import java.util.Set;

/** Whether a program leaves something to chance: random numbers, the time, threads. */
final class Chance {

    private static final Set<String> OWNERS = Set.of(
            "java.util.Random",
            "java.util.concurrent.ThreadLocalRandom",
            "java.security.SecureRandom",
            "java.util.SplittableRandom",
            "java.lang.Thread",
            "java.util.concurrent.CompletableFuture",
            "java.util.concurrent.Executors",
            "java.util.concurrent.ExecutorService",
            "java.util.Timer",
            "java.time.Clock");

    private static final Set<String> NAMES = Set.of(
            "random", "randomUUID", "nanoTime", "currentTimeMillis", "now", "parallelStream", "parallel", "shuffle");

    private Chance() {}

    static boolean isIn(Design design) {
        return design.operations().stream()
                .flatMap(o -> o.body().stream())
                .anyMatch(f -> f instanceof Fact.Library l
                        && (OWNERS.contains(l.owner()) || l.owner().startsWith("java.") && NAMES.contains(l.name())));
    }
}
