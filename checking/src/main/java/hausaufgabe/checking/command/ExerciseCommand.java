package hausaufgabe.checking.command;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.Problem;
import hausaufgabe.checking.exercise.Proof;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.checking.exercise.Solution;
import hausaufgabe.checking.pool.CheckerPool;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.report.CheckReport;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Exercises as folders, which fit into version control. */
@Command(
        name = "exercise",
        description = "Begins, proves and packs an exercise that lies in a folder.",
        footer = {
            "",
            "Exit status: 0 done, and every solution judged as it must be; 2 bad arguments or files;",
            "3 a solution is judged otherwise than it must be; 1 something of ours failed."
        })
public final class ExerciseCommand implements Runnable {

    private static final int NOT_PROVEN = 3;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw bad("say what: exercise new FOLDER, exercise check FOLDER or exercise pack FOLDER");
    }

    private ParameterException bad(String message) {
        return new ParameterException(spec.commandLine(), message);
    }

    @Command(
            name = "new",
            description = "Begins an exercise in a new folder: settings, brief, pattern, places for the rest.")
    int begin(
            @Parameters(paramLabel = "FOLDER", description = "Where it is to lie.") Path folder,
            @Option(
                            names = "--pattern",
                            paramLabel = "ID",
                            defaultValue = "strategy",
                            description = "The pattern of the catalogue to begin with (default: ${DEFAULT-VALUE}).")
                    String pattern,
            @Option(
                            names = "--title",
                            paramLabel = "TEXT",
                            description = "What it is called (default: the pattern's name).")
                    String title)
            throws IOException, ArchiveException {
        String text = Catalogue.text(pattern)
                .orElseThrow(() -> bad("there is no pattern " + pattern + ". The catalogue holds: "
                        + String.join(", ", Catalogue.ids())));
        if (Files.exists(folder) && !isEmpty(folder)) {
            throw bad(folder + " is there already and not empty. Name a new folder; nothing was written.");
        }
        String name = title == null ? Catalogue.pattern(pattern).orElseThrow().title() : title;
        ExerciseSettings settings = ExerciseSettings.named(name, ZoneId.systemDefault());
        ExerciseFolder exercise = ExerciseFolder.of(Map.of(
                ExerciseFolder.SETTINGS, bytes(SettingsYaml.write(settings)),
                ExerciseFolder.BRIEF, bytes("# " + name + "\n\nSay here what is to be written, in Markdown.\n"),
                ExerciseFolder.PATTERN, bytes(text)));
        ExerciseFiles.write(exercise, folder);
        for (String place :
                List.of(ExerciseFolder.STARTER, ExerciseFolder.TESTS, ExerciseFolder.SOLUTIONS, ExerciseFolder.WRONG)) {
            Files.createDirectories(folder.resolve(place));
        }
        out().println(folder
                + " is begun. Put a solution that must be accepted into solutions/NAME and one that must not into"
                + " wrong/NAME, then try:  exercise check " + folder);
        return 0;
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static boolean isEmpty(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return false;
        }
        try (Stream<Path> in = Files.list(folder)) {
            return in.findAny().isEmpty();
        }
    }

    private PrintWriter out() {
        return spec.commandLine().getOut();
    }

    @Command(
            name = "check",
            description =
                    "Reads an exercise through and has every solution in it judged: is each accepted or faulted as it must be?")
    int check(
            @Parameters(paramLabel = "FOLDER", description = "A folder, or a zip of one.") Path folder,
            @Option(
                            names = "--isolation",
                            paramLabel = "sandbox|process",
                            defaultValue = "sandbox",
                            description = "How solutions are run (default: ${DEFAULT-VALUE}). process is not safe.")
                    String isolation)
            throws IOException, SettingsException {
        CheckRequest.Isolation isolated =
                Isolated.of(isolation).orElseThrow(() -> bad("--isolation takes sandbox or process, not " + isolation));
        ExerciseFolder exercise = read(folder);
        List<Problem> problems = exercise.problems();
        problems.forEach(p -> out().println((p.blocks() ? "wrong    " : "notice   ") + p.said()));
        if (problems.stream().anyMatch(Problem::blocks)) {
            throw bad(folder + " cannot be opened as it is; mend what is wrong");
        }
        List<Solution> solutions = exercise.solutions();
        int asExpected = 0;
        int cores = Runtime.getRuntime().availableProcessors();
        try (CheckDispatcher dispatcher = new CheckerPool(Math.max(1, Math.min(cores, solutions.size())))) {
            List<CompletableFuture<CheckReport>> running = new java.util.ArrayList<>();
            for (Solution s : solutions) {
                running.add(dispatcher.submit(
                        exercise.check(new Upload(s.sources(), List.of()), false, isolated), step -> {}));
            }
            for (int i = 0; i < solutions.size(); i++) {
                asExpected += told(solutions.get(i), running.get(i)) ? 1 : 0;
            }
        } catch (CompletionException e) {
            String why = e.getCause() instanceof CheckFailed ? e.getCause().getMessage() : String.valueOf(e.getCause());
            spec.commandLine().getErr().println(why);
            return 1;
        }
        out().println(asExpected + " of " + solutions.size() + " solutions are judged as they must be.");
        out().flush();
        return asExpected == solutions.size() ? 0 : NOT_PROVEN;
    }

    private boolean told(Solution solution, CompletableFuture<CheckReport> running) {
        CheckReport report = running.join();
        Proof proof = Proof.of(solution, report);
        String found = proof.verdict().word()
                + (proof.caught().isEmpty() ? "" : " by " + String.join(", ", proof.caught()))
                + (proof.open().isEmpty() ? "" : ", open: " + String.join(", ", proof.open()));
        out().println((proof.isAsExpected() ? "as it must " : "OTHERWISE  ")
                + (solution.isRight() ? "solutions/" : "wrong/") + solution.name() + "  must be "
                + (solution.isRight() ? "accepted" : "faulted") + ": " + found
                + (proof.missed().isEmpty() ? "" : "; not caught by " + String.join(", ", proof.missed())));
        report.diagnostics().stream()
                .limit(3)
                .forEach(d -> out().println(
                                "           " + d.file() + (d.line() > 0 ? ":" + d.line() : "") + "  " + d.message()));
        return proof.isAsExpected();
    }

    @Command(
            name = "pack",
            description =
                    "Packs an exercise into a zip to be taken in elsewhere; the same exercise gives the same zip.")
    int pack(
            @Parameters(paramLabel = "FOLDER", description = "The exercise's folder.") Path folder,
            @Option(
                            names = "--to",
                            paramLabel = "FILE",
                            description = "The zip (default: the folder's name with .zip).")
                    Path to)
            throws IOException {
        ExerciseFolder exercise = read(folder);
        List<Problem> blocking =
                exercise.problems().stream().filter(Problem::blocks).toList();
        if (!blocking.isEmpty()) {
            throw bad(blocking.get(0).said() + " Nothing was written.");
        }
        Path absolute = folder.toAbsolutePath().normalize();
        Path zip = to == null ? absolute.resolveSibling(absolute.getFileName() + ".zip") : to;
        Files.write(zip, ExerciseFiles.pack(exercise));
        out().println(zip + " holds " + exercise.files().size() + " files.");
        return 0;
    }

    private ExerciseFolder read(Path folder) throws IOException {
        try {
            return ExerciseFiles.read(folder);
        } catch (ArchiveException e) {
            throw bad(e.getMessage());
        }
    }
}
