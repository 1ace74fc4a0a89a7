package hausaufgabe.language.java;

import hausaufgabe.core.design.Fact.LibraryTrait;
import java.util.EnumSet;
import java.util.Set;

/** What is known of operations of Java's library, by their names. */
final class LibraryTraits {

    private static final Set<String> EMPTY = Set.of(
            "of",
            "empty",
            "emptyList",
            "emptySet",
            "emptyMap",
            "emptyIterator",
            "copyOf",
            "<new>",
            "noneOf",
            "valueOf",
            "asList",
            "requireNonNull",
            "ofNullable",
            "stream",
            "completedFuture",
            "unmodifiableList");

    private static final Set<String> WITH_EFFECT =
            Set.of("java.io.", "java.nio.file.", "java.net.", "java.lang.Thread");

    private static final Set<String> ONCE = Set.of("compareAndSet", "updateAndGet", "computeIfAbsent");

    private static final Set<String> CHANCE_OWNERS = Set.of(
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

    private static final Set<String> CHANCE_NAMES = Set.of(
            "random", "randomUUID", "nanoTime", "currentTimeMillis", "now", "parallelStream", "parallel", "shuffle");

    private LibraryTraits() {}

    /** @param name {@code <new>} for a constructor */
    static Set<LibraryTrait> of(String owner, String name) {
        EnumSet<LibraryTrait> traits = EnumSet.noneOf(LibraryTrait.class);
        if (EMPTY.contains(name) && WITH_EFFECT.stream().noneMatch(owner::startsWith)) {
            traits.add(LibraryTrait.EMPTY);
        }
        if (ONCE.contains(name)) {
            traits.add(LibraryTrait.ONCE);
        }
        if (name.equals("clone")) {
            traits.add(LibraryTrait.COPY);
        }
        if (CHANCE_OWNERS.contains(owner) || owner.startsWith("java.") && CHANCE_NAMES.contains(name)) {
            traits.add(LibraryTrait.CHANCE);
        }
        return traits;
    }

    /** Whether every object has an operation of that name with so many parameters. */
    static boolean isUniversal(String name, int parameters) {
        return switch (name) {
            case "toString", "hashCode", "clone", "finalize" -> parameters == 0;
            case "equals", "compareTo" -> parameters == 1;
            default -> false;
        };
    }
}
