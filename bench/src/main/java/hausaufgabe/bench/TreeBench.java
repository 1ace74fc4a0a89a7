package hausaufgabe.bench;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.language.java.JavaReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** Reads and matches whole source trees that others have published, for every pattern of the catalogue. */
final class TreeBench {

    private final List<Path> trees;

    /** @param trees jars of sources */
    TreeBench(List<Path> trees) {
        this.trees = trees;
    }

    /** The report, as a table in Markdown. */
    String run() throws IOException {
        StringBuilder out = new StringBuilder();
        out.append("| tree | files | types | read | match all | slowest pattern | heap at most | cut short |\n");
        out.append("|---|---|---|---|---|---|---|---|\n");
        for (Path tree : trees) {
            row(out, tree);
        }
        return out.toString();
    }

    private static void row(StringBuilder out, Path tree) throws IOException {
        List<SourceFile> sources = sourcesIn(tree);
        memory().forEach(MemoryPoolMXBean::resetPeakUsage);
        long start = System.nanoTime();
        Design design = new JavaReader().read(sources).design();
        double read = seconds(start);
        double all = 0;
        double slowest = 0;
        String slowestId = "";
        List<String> cut = new ArrayList<>();
        for (String id : Catalogue.ids()) {
            long begun = System.nanoTime();
            Match match = RoleMatcher.match(Catalogue.pattern(id).orElseThrow(), design, null, Map.of());
            double took = seconds(begun);
            all += took;
            if (took > slowest) {
                slowest = took;
                slowestId = id;
            }
            if (match.cutShort()) {
                cut.add(id);
            }
        }
        long most = memory().stream().mapToLong(p -> p.getPeakUsage().getUsed()).sum();
        out.append(String.format(
                java.util.Locale.ROOT,
                "| %s | %d | %d | %.1f s | %.1f s | %s, %.1f s | %d MB | %s |%n",
                tree.getFileName().toString().replace("-sources.jar", ""),
                sources.size(),
                design.types().size(),
                read,
                all,
                slowestId,
                slowest,
                most >> 20,
                cut.isEmpty() ? "none" : String.join(", ", cut)));
    }

    private static List<MemoryPoolMXBean> memory() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(p -> p.getType() == MemoryType.HEAP)
                .toList();
    }

    private static double seconds(long since) {
        return (System.nanoTime() - since) / 1e9;
    }

    /** Jars of sources in a folder, in the order of their names. */
    static List<Path> jarsIn(Path folder) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(p -> p.toString().endsWith("-sources.jar"))
                    .sorted()
                    .collect(Collectors.toList());
        }
    }

    private static List<SourceFile> sourcesIn(Path jar) throws IOException {
        List<SourceFile> sources = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(jar))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                if (e.getName().endsWith(".java")) {
                    sources.add(new SourceFile(e.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8)));
                }
            }
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
        sources.sort((a, b) -> a.path().compareTo(b.path()));
        return sources;
    }
}
