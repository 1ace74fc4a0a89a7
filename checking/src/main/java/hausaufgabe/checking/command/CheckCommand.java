package hausaufgabe.checking.command;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.pool.CheckerPool;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code hausaufgabe check}. */
@Command(
        name = "check",
        description = "Checks submissions for a pattern: who plays which role, what holds, and whether it behaves.",
        footer = {
            "",
            "Exit status: 0 every submission was checked, whatever the verdicts; 2 bad arguments or files;",
            "1 something of ours failed."
        },
        sortOptions = false)
public final class CheckCommand implements Callable<Integer> {

    @ArgGroup(multiplicity = "1")
    private CheckedFor what;

    @ArgGroup(multiplicity = "1")
    private Submitted which;

    static final class CheckedFor {
        @Option(names = "--pattern", paramLabel = "NAME", description = "A pattern of the catalogue, such as strategy.")
        private String pattern;

        @Option(names = "--exercise", paramLabel = "FILE_OR_DIR", description = "A .muster file, or a folder with one.")
        private Path exercise;
    }

    static final class Submitted {
        @Option(names = "--submission", paramLabel = "DIR_OR_ZIP", description = "One submission.")
        private Path submission;

        @Option(
                names = "--submissions",
                paramLabel = "DIR",
                description = "A folder of submissions: every folder or zip directly in it, one JSON object a line.")
        private Path submissions;
    }

    @Option(names = "--json", description = "Print JSON rather than text.")
    private boolean json;

    @Option(names = "--structure-only", description = "Leave the scenarios out.")
    private boolean structureOnly;

    @Option(
            names = "--isolation",
            paramLabel = "sandbox|process",
            defaultValue = "sandbox",
            description = "How student code is run (default: ${DEFAULT-VALUE}). process is not safe.")
    private String isolation;

    @Option(names = "--jobs", paramLabel = "N", description = "How many at a time (default: one for each core).")
    private Integer jobs;

    /** Folder of what was handed out, beside the exercise's pattern. */
    private static final String STARTER = "starter";
    /** Folder of the test classes, beside it too. */
    private static final String TESTS = "tests";

    @Spec
    private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException, InterruptedException {
        String pattern = patternText();
        CheckRequest.Isolation isolated = isolated();
        if (jobs != null && jobs < 1) {
            throw bad("--jobs takes a number from 1, not " + jobs);
        }
        List<Path> paths = paths();
        List<CheckRequest> requests = new ArrayList<>();
        Archive archive = new Archive(p -> p.endsWith(".java"), ArchiveLimits.USUAL);
        List<SourceFile> starter = beside(STARTER, archive);
        List<SourceFile> tests = beside(TESTS, archive);
        for (Path p : paths) {
            try {
                Upload upload = archive.read(p);
                requests.add(new CheckRequest(
                        pattern,
                        upload.sources(),
                        starter,
                        tests,
                        upload.remarks(),
                        Map.of(),
                        structureOnly,
                        isolated));
            } catch (ArchiveException e) {
                if (which.submission != null) {
                    throw bad(p.getFileName() + ": " + e.getMessage());
                }
                // one of many: it gets its line, which says what was wrong with it
                List<Diagnostic> why = List.of(new Diagnostic(nameOf(p), 0, e.getMessage()));
                requests.add(
                        new CheckRequest(pattern, List.of(), starter, tests, why, Map.of(), structureOnly, isolated));
            }
        }
        int cores = Runtime.getRuntime().availableProcessors();
        int size = Math.min(jobs == null ? cores : jobs, Math.max(1, requests.size()));
        try (CheckDispatcher dispatcher = new CheckerPool(size)) {
            return run(paths, requests, dispatcher);
        }
    }

    private int run(List<Path> paths, List<CheckRequest> requests, CheckDispatcher dispatcher) throws IOException {
        List<CompletableFuture<CheckReport>> running =
                requests.stream().map(r -> dispatcher.submit(r, step -> {})).toList();
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        boolean terminal = System.console() != null;
        int status = 0;
        for (int i = 0; i < running.size(); i++) {
            String name = nameOf(paths.get(i));
            if (terminal) {
                err.print("\r" + (i + 1) + " of " + running.size() + " " + name + "\u001b[K");
                err.flush();
            }
            try {
                CheckReport report = running.get(i).join();
                out.println(
                        json
                                ? Json.mapper().writeValueAsString(ReportJson.of(name, report))
                                : ReportText.of(name, report));
                out.flush();
            } catch (CompletionException e) {
                status = 1;
                String why =
                        e.getCause() instanceof CheckFailed ? e.getCause().getMessage() : String.valueOf(e.getCause());
                err.println(name + ": " + why);
            }
        }
        if (terminal) {
            err.print("\r\u001b[K");
            err.flush();
        }
        return status;
    }

    static String nameOf(Path path) {
        String name = path.toAbsolutePath().normalize().getFileName().toString();
        return name.endsWith(".zip") && Files.isRegularFile(path) ? name.substring(0, name.length() - 4) : name;
    }

    private ParameterException bad(String message) {
        return new ParameterException(spec.commandLine(), message);
    }

    private CheckRequest.Isolation isolated() {
        return switch (isolation) {
            case "sandbox" -> CheckRequest.Isolation.SANDBOX;
            case "process" -> CheckRequest.Isolation.PROCESS;
            default -> throw bad("--isolation takes sandbox or process, not " + isolation);
        };
    }

    private String patternText() throws IOException {
        if (what.pattern != null) {
            return Catalogue.text(what.pattern)
                    .orElseThrow(() -> bad("there is no pattern " + what.pattern + ". The catalogue holds: "
                            + String.join(", ", Catalogue.ids())));
        }
        try {
            return PatternFile.read(musterFile(what.exercise)).text();
        } catch (PatternFile.UnreadablePattern e) {
            throw bad(e.getMessage());
        }
    }

    /** The sources in a folder beside the exercise's pattern; or nothing. */
    private List<SourceFile> beside(String name, Archive archive) throws IOException {
        Path folder = what.exercise == null || !Files.isDirectory(what.exercise) ? null : what.exercise.resolve(name);
        if (folder == null || !Files.isDirectory(folder)) {
            return List.of();
        }
        try {
            return archive.read(folder).sources();
        } catch (ArchiveException e) {
            throw bad(folder + ": " + e.getMessage());
        }
    }

    private Path musterFile(Path given) throws IOException {
        if (Files.isRegularFile(given)) {
            return given;
        }
        if (!Files.isDirectory(given)) {
            throw bad("there is no file or folder at " + given);
        }
        try (Stream<Path> files = Files.list(given)) {
            List<Path> found =
                    files.filter(f -> f.toString().endsWith(".muster")).sorted().toList();
            if (found.size() != 1) {
                throw bad(given + " holds "
                        + (found.isEmpty() ? "no .muster file" : found.size() + " .muster files; name one"));
            }
            return found.get(0);
        }
    }

    private List<Path> paths() throws IOException {
        if (which.submission != null) {
            if (!Files.exists(which.submission)) {
                throw bad("there is no folder or zip at " + which.submission);
            }
            return List.of(which.submission);
        }
        if (!Files.isDirectory(which.submissions)) {
            throw bad("there is no folder at " + which.submissions);
        }
        if (!json) {
            throw bad("--submissions needs --json");
        }
        try (Stream<Path> files = Files.list(which.submissions)) {
            List<Path> found = files.filter(
                            f -> Files.isDirectory(f) || f.toString().endsWith(".zip"))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .sorted((a, b) -> nameOf(a).compareTo(nameOf(b)))
                    .toList();
            if (found.isEmpty()) {
                throw bad(which.submissions + " holds no folder or zip");
            }
            return found;
        }
    }
}
