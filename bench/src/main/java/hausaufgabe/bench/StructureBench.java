package hausaufgabe.bench;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.language.java.JavaReader;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** Times reading and matching, warm, and prints what it found. */
final class StructureBench {
    private static final int WARM_UP = 60;
    private static final int RUNS = 100;
    private static final int FEW = 5;

    private final JavaReader reader = new JavaReader();
    private final List<DesignPattern> patterns = Catalogue.ids().stream()
            .map(id -> Catalogue.pattern(id).orElseThrow())
            .toList();

    /** Times in milliseconds. */
    private record Times(double read, double plain, double match, double matchAll) {}

    /** The report, as a table in Markdown. */
    String run() {
        Times ten = times(10, WARM_UP, RUNS);
        Times hundred = times(100, 10, 20);
        Times thousand = times(1000, 2, FEW);
        long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
        StringBuilder out = new StringBuilder();
        out.append("| types | read | plain compiler | read : plain | match one | match all | read and match all |\n");
        out.append("|---|---|---|---|---|---|---|\n");
        row(out, 10, ten);
        row(out, 100, hundred);
        row(out, 1000, thousand);
        out.append('\n');
        out.append(line(
                "growth from 100 to 1,000 types: reading x %.1f, matching all x %.1f",
                thousand.read / hundred.read, thousand.matchAll / hundred.matchAll));
        out.append(line(
                "heap: %d MB at most, %d MB in use at the end",
                Runtime.getRuntime().maxMemory() >> 20, used >> 20));
        out.append(line(
                "Java %s, %d core(s) allowed",
                Runtime.version().feature(), Runtime.getRuntime().availableProcessors()));
        return out.toString();
    }

    private static String line(String format, Object... values) {
        return String.format(java.util.Locale.ROOT, format, values) + "\n";
    }

    private static void row(StringBuilder out, int types, Times t) {
        out.append(line(
                "| %d | %.1f ms | %.1f ms | %.2f | %.2f ms | %.1f ms | %.0f ms |",
                types, t.read, t.plain, t.read / t.plain, t.match, t.matchAll, t.read + t.matchAll));
    }

    private Times times(int types, int warmUp, int runs) {
        List<SourceFile> sources = HarbourProgram.of(types);
        List<Double> read = new ArrayList<>();
        List<Double> plain = new ArrayList<>();
        List<Double> one = new ArrayList<>();
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < warmUp + runs; i++) {
            List<Double> ignored = new ArrayList<>();
            boolean counts = i >= warmUp;
            timed(counts ? plain : ignored, () -> reader.compileOnly(sources));
            Design design = timed(counts ? read : ignored, () -> reader.design(sources));
            timed(counts ? one : ignored, () -> match(patterns.get(0), design));
            // a fresh design, so that nothing is remembered from the one before
            Design again = reader.design(sources);
            timed(
                    counts ? all : ignored,
                    () -> patterns.stream().map(p -> match(p, again)).toList());
        }
        return new Times(median(read), median(plain), median(one), median(all));
    }

    private static Object match(DesignPattern pattern, Design design) {
        return RoleMatcher.match(pattern, design, null, Map.of());
    }

    private static <T> T timed(List<Double> into, Supplier<T> work) {
        long start = System.nanoTime();
        T result = work.get();
        into.add((System.nanoTime() - start) / 1e6);
        return result;
    }

    private static double median(List<Double> values) {
        Collections.sort(values);
        return values.get(values.size() / 2);
    }
}
