package hausaufgabe.checking.command;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.pool.CheckerPool;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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

        @Option(
                names = "--exercise",
                paramLabel = "FILE_OR_DIR",
                description = "An exercise's folder or zip, or a .muster file.")
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

    @Spec
    private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException, InterruptedException {
        Task task = task();
        CheckRequest.Isolation isolated = isolated();
        if (jobs != null && jobs < 1) {
            throw bad("--jobs takes a number from 1, not " + jobs);
        }
        List<Path> paths = paths();
        List<CheckRequest> requests = new ArrayList<>();
        Archive archive = new Archive(SourceFiles.ANY, ArchiveLimits.USUAL);
        for (Path p : paths) {
            try {
                Upload upload = archive.read(p);
                requests.add(task.check(upload, structureOnly, isolated));
            } catch (ArchiveException e) {
                if (which.submission != null) {
                    throw bad(p.getFileName() + ": " + e.getMessage());
                }
                // one of many: it gets its line, which says what was wrong with it
                List<Diagnostic> why = List.of(new Diagnostic(nameOf(p), 0, e.getMessage()));
                requests.add(task.check(new Upload(List.of(), why), structureOnly, isolated));
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
        return Isolated.of(isolation).orElseThrow(() -> bad("--isolation takes sandbox or process, not " + isolation));
    }

    private Task task() throws IOException {
        try {
            return what.pattern != null ? Task.ofPattern(what.pattern) : Task.ofExercise(what.exercise);
        } catch (Task.Unreadable e) {
            throw bad(e.getMessage());
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
