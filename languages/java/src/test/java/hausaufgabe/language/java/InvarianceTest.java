package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assumptions.assumeFalse;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.CheckReport.Verdict;
import hausaufgabe.core.report.Finding;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A design that is written differently is judged the same. */
@Tag("slow")
@Execution(ExecutionMode.CONCURRENT)
class InvarianceTest {
    private static final Path SAMPLES = Path.of("../../samples");

    private static final String DECOYS = """
            final class Decoy1Money {
                private final long cents;
                Decoy1Money(long cents) { this.cents = cents; }
                Decoy1Money plus(Decoy1Money other) { return new Decoy1Money(cents + other.cents); }
                @Override public boolean equals(Object o) { return o instanceof Decoy1Money m && m.cents == cents; }
                @Override public int hashCode() { return Long.hashCode(cents); }
            }
            class Decoy2Stock {
                private final java.util.Map<String, Integer> pieces = new java.util.TreeMap<>();
                void add(String what, int n) { pieces.merge(what, n, Integer::sum); }
                int total() { int sum = 0; for (int n : pieces.values()) sum += n; return sum; }
            }
            enum Decoy3Day { WEEK, SUNDAY; int hours() { return this == SUNDAY ? 0 : 8; } }
            final class Decoy4Text {
                private Decoy4Text() { }
                static String pad(String s, int n) { return s.length() >= n ? s : s + " ".repeat(n - s.length()); }
            }
            interface Decoy5Printable { String print(); }
            class Decoy6Label implements Decoy5Printable {
                private final String text;
                Decoy6Label(String text) { this.text = text; }
                @Override public String print() { return Decoy4Text.pad(text, 12); }
            }
            """;

    private static final Set<String> TOLD_BY_NAME = Set.of("command/13-no-history", "command/31-undo-lost");

    /** A reader is for one thread at a time, and quicker the more it has read. */
    private static final ThreadLocal<JavaReader> READERS = ThreadLocal.withInitial(JavaReader::new);

    private static final Map<String, DesignPattern> PATTERNS = new ConcurrentHashMap<>();

    /** Compiling samples, whatever the verdict on them. */
    static List<String> samples() throws IOException {
        try (Stream<Path> all = Files.walk(SAMPLES, 2)) {
            return all.filter(f -> f.toString().endsWith(".expected.json"))
                    .filter(InvarianceTest::compiles)
                    .map(f -> SAMPLES.relativize(f).toString().replace(".expected.json", ""))
                    .sorted()
                    .toList();
        }
    }

    private static boolean compiles(Path expectation) {
        try {
            return !Files.readString(expectation).contains("\"compiled\": false");
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @ParameterizedTest
    @MethodSource("samples")
    void namesDoNotDecide(String sample) throws IOException {
        List<SourceFile> sources = sources(sample);
        assumeFalse(TOLD_BY_NAME.contains(sample), "an undo that nothing calls back is told by its name only");
        Reading before = READERS.get().read(sources);
        Reading after = READERS.get().read(Rewriting.renamed(sources, before.design()));
        assumeTrue(after.compiled(), "a name that something else bears as well");

        Match plain = match(sample, before);
        Match renamed = match(sample, after);

        assertAsGood(plain, renamed);
    }

    /** Where a faulty design leaves it open which type is meant, something else may be found, but nothing accepted. */
    private static void assertAsGood(Match plain, Match other) {
        if (isAccepted(plain)) {
            assertEquals(statuses(plain), statuses(other));
            assertEquals(players(plain).keySet(), players(other).keySet());
        } else {
            assertFalse(isAccepted(other));
        }
    }

    private static boolean isAccepted(Match match) {
        return Marking.verdict(true, !match.cutShort(), match.findings(), List.of()) == Verdict.ACCEPTED;
    }

    @ParameterizedTest
    @MethodSource("samples")
    void theOrderOfFilesAndMembersDoesNotDecide(String sample) throws IOException {
        List<SourceFile> sources = sources(sample);
        List<SourceFile> turned = new ArrayList<>(Rewriting.turnedRound(sources));
        Collections.reverse(turned);

        assertSame(sample, sources, turned);
    }

    @ParameterizedTest
    @MethodSource("samples")
    void aPackageDoesNotDecide(String sample) throws IOException {
        List<SourceFile> sources = sources(sample);
        assumeTrue(sources.stream()
                        .map(s -> s.text().contains("package "))
                        .distinct()
                        .count()
                == 1);

        assertSame(sample, sources, Rewriting.inAPackage(sources));
    }

    @ParameterizedTest
    @MethodSource("samples")
    void nestingDoesNotDecide(String sample) throws IOException {
        List<SourceFile> sources = sources(sample);
        assumeTrue(sources.size() == 1 && !sources.get(0).text().contains("package "));

        assertSame(sample, sources, Rewriting.nested(sources.get(0)));
    }

    @ParameterizedTest
    @MethodSource("samples")
    void classesThatHaveNothingToDoWithItDoNotDecide(String sample) throws IOException {
        List<SourceFile> sources = sources(sample);
        String start = sources.get(0).text();
        String home = start.startsWith("package ") ? start.substring(0, start.indexOf(';') + 1) + "\n" : "";
        List<SourceFile> more = new ArrayList<>(sources);
        more.add(new SourceFile("Aaa.java", home + DECOYS));

        Match plain = match(sample, READERS.get().read(sources));
        Match among = match(sample, READERS.get().read(more));
        assertAsGood(plain, among);
        if (isAccepted(plain)) {
            assertEquals(players(plain), players(among));
        }
    }

    private void assertSame(String sample, List<SourceFile> one, List<SourceFile> other) {
        Reading after = READERS.get().read(other);
        assumeTrue(after.compiled(), () -> "does not compile: " + after.diagnostics());

        Match plain = match(sample, READERS.get().read(one));
        Match rewritten = match(sample, after);

        assertEquals(statuses(plain), statuses(rewritten));
        assertEquals(players(plain), players(rewritten));
    }

    private static Match match(String sample, Reading reading) {
        String pattern = Path.of(sample).getName(0).toString();
        return RoleMatcher.match(pattern(pattern), reading.design(), null, Map.of());
    }

    private static Map<String, String> statuses(Match match) {
        return match.findings().stream()
                .collect(Collectors.toMap(Finding::id, f -> f.status().word()));
    }

    private static Map<String, List<String>> players(Match match) {
        return match.binding().roles().entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> e.getValue().stream()
                                .map(t -> t.name().replace("Umschlag.", ""))
                                .sorted()
                                .toList()));
    }

    private static List<SourceFile> sources(String sample) throws IOException {
        try (Stream<Path> files = Files.walk(SAMPLES.resolve(sample))) {
            List<SourceFile> all = new ArrayList<>();
            for (Path f :
                    files.filter(x -> x.toString().endsWith(".java")).sorted().toList()) {
                all.add(new SourceFile(SAMPLES.resolve(sample).relativize(f).toString(), Files.readString(f)));
            }
            return all;
        }
    }

    private static DesignPattern pattern(String id) {
        return PATTERNS.computeIfAbsent(id, x -> Catalogue.pattern(x).orElseThrow());
    }
}
