package hausaufgabe.bench;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.pool.CheckerPool;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.language.java.JavaLanguage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Times whole checks with their scenarios, against what they cannot do without and against what people do instead. */
final class BehaviourBench {

    private static final int WARM_UP = 40;
    private static final int RUNS = 60;

    private final Path samples;
    private final int cohort;
    private final StringBuilder out = new StringBuilder();

    /**
     * @param samples folder of the samples, a folder for each pattern
     * @param cohort how many different submissions are checked one after another
     */
    BehaviourBench(Path samples, int cohort) {
        this.samples = samples;
        this.cohort = cohort;
    }

    String run() throws IOException, InterruptedException, ArchiveException {
        Path folder = Files.createTempDirectory("hausaufgabe-bench");
        try {
            single(folder);
            cohort();
        } finally {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path p : all.sorted((a, b) -> b.compareTo(a)).toList()) {
                    Files.delete(p);
                }
            }
        }
        line(
                "Java %s, %d cores",
                Runtime.version().feature(), Runtime.getRuntime().availableProcessors());
        return out.toString();
    }

    private void line(String format, Object... values) {
        out.append(String.format(Locale.ROOT, format, values)).append('\n');
    }

    // one check

    private void single(Path folder) throws IOException, InterruptedException, ArchiveException {
        List<SourceFile> office = Office.SOURCES;
        Path zip = folder.resolve("office.zip");
        try (ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(zip))) {
            for (SourceFile s : office) {
                to.putNextEntry(new ZipEntry(s.path()));
                to.write(s.text().getBytes());
            }
        }
        Sandbox sandbox = new Sandbox(new JvmRuntime());
        double check;
        long scenarios;
        try (ReadyProcesses supply = new ReadyProcesses(sandbox, 1)) {
            Check checks = new Check(new JavaLanguage(), i -> new DrivenProcesses(supply, i), List.of());
            scenarios = report(checks, zip).scenarios().stream()
                    .filter(s -> s.outcome() == Outcome.PASSED)
                    .count();
            check = median(() -> report(checks, zip), 150);
        }
        double floor = median(new Floor(folder, office)::once, 0);
        double maven = MavenProject.seconds(folder.resolve("maven"), office) * 1000;
        line("| one check, 5 types, %d scenarios | median | check : this |", scenarios);
        line("|---|---|---|");
        line("| archive to report | %.0f ms | |", check);
        line("| compiler and a bare runtime | %.0f ms | %.2f |", floor, check / floor);
        if (maven > 0) {
            line("| the same as JUnit tests, mvn -o -q test | %.0f ms | 1/%.0f |", maven, maven / check);
        } else {
            line("| the same as JUnit tests, mvn -o -q test | not measured: Maven could not run it offline | |");
        }
        out.append('\n');
    }

    private interface Work {
        Object once() throws IOException, InterruptedException, ArchiveException;
    }

    private static CheckReport report(Check checks, Path zip) throws IOException, ArchiveException {
        Upload upload = new Archive(p -> p.endsWith(".java"), ArchiveLimits.USUAL).read(zip);
        return checks.run(
                new CheckRequest(
                        Catalogue.text("strategy").orElseThrow(),
                        upload.sources(),
                        upload.remarks(),
                        Map.of(),
                        false,
                        Isolation.SANDBOX),
                step -> {});
    }

    /** @param pause milliseconds between two, as between two submissions that somebody hands in */
    private static double median(Work work, long pause) throws IOException, InterruptedException, ArchiveException {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UP + RUNS; i++) {
            Thread.sleep(pause);
            long start = System.nanoTime();
            work.once();
            if (i >= WARM_UP) {
                times.add((System.nanoTime() - start) / 1e6);
            }
        }
        Collections.sort(times);
        return times.get(times.size() / 2);
    }

    // many checks

    private void cohort() throws IOException, InterruptedException, ArchiveException {
        List<CheckRequest> requests = new ArrayList<>();
        List<Sample> all = samples();
        for (int i = 0; i < cohort; i++) {
            Sample s = all.get(i % all.size());
            requests.add(new CheckRequest(
                    Catalogue.text(s.pattern()).orElseThrow(),
                    Renaming.of(s.sources(), i / all.size()),
                    List.of(),
                    Map.of(),
                    false,
                    Isolation.SANDBOX));
        }
        int cores = Runtime.getRuntime().availableProcessors();
        try (CheckerPool pool = new CheckerPool(cores);
                Memory memory = new Memory()) {
            long[] taken = Machine.taken();
            long start = System.nanoTime();
            List<CompletableFuture<CheckReport>> results =
                    requests.stream().map(r -> pool.submit(r, step -> {})).toList();
            int made = 0;
            for (CompletableFuture<CheckReport> r : results) {
                made += r.handle((report, failure) -> failure == null ? 1 : 0).join();
            }
            double seconds = (System.nanoTime() - start) / 1e9;
            line("| %d submissions, %d at a time | |", cohort, cores);
            line("|---|---|");
            line("| reports | %d |", made);
            line("| whole time | %.1f s |", seconds);
            line("| checks per second | %.1f |", cohort / seconds);
            line("| of the processors' time, taken by other machines | %.0f %% |", Machine.percent(taken));
            line("| most memory: this process | %d MB |", memory.own());
            line("| most memory: checkers | %d MB |", memory.checkers());
            line("| most memory: driven processes | %d MB |", memory.driven());
            line("| most memory: all together | %d MB |", memory.together());
        }
        TimeUnit.SECONDS.sleep(1);
        line("| processes left | %d |", ProcessHandle.current().descendants().count());
        line("| dead processes nobody has buried | %d |", Machine.dead());
        out.append('\n');
    }

    private record Sample(String pattern, List<SourceFile> sources) {}

    private List<Sample> samples() throws IOException, ArchiveException {
        List<Sample> all = new ArrayList<>();
        for (String pattern : Catalogue.ids()) {
            try (Stream<Path> folders = Files.list(samples.resolve(pattern))) {
                for (Path p : folders.filter(Files::isDirectory).sorted().toList()) {
                    all.add(new Sample(
                            pattern,
                            new Archive(f -> f.endsWith(".java"), ArchiveLimits.USUAL)
                                    .read(p)
                                    .sources()));
                }
            }
        }
        return all;
    }
}
