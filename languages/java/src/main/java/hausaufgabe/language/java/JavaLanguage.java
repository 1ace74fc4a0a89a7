package hausaufgabe.language.java;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.language.java.running.JavaValues;
import java.util.Set;

/** Java, read through the platform's own compiler. */
public final class JavaLanguage implements Language {

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

    private final LanguageReader reader = new JavaReader();
    private final LanguageValues values = new JavaValues();

    @Override
    public String id() {
        return "java";
    }

    /** For one thread at a time. */
    @Override
    public LanguageReader reader() {
        return reader;
    }

    @Override
    public LanguageValues values() {
        return values;
    }

    @Override
    public boolean leavesToChance(Fact.Library call) {
        return CHANCE_OWNERS.contains(call.owner())
                || call.owner().startsWith("java.") && CHANCE_NAMES.contains(call.name());
    }

    @Override
    public String highlighting() {
        return "java";
    }
}
