package hausaufgabe.checking.command;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.Problem;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What submissions are checked for.
 *
 * @param starter the code that was handed out; empty where there was none
 * @param tests test classes; empty where there are none
 * @param names by role the name of the type that must play it
 */
record Task(String pattern, List<SourceFile> starter, List<SourceFile> tests, Map<String, String> names) {

    /** @param message for the person who named it: which, where, what to do */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    CheckRequest check(Upload upload, boolean structureOnly, CheckRequest.Isolation isolation) {
        return new CheckRequest(
                pattern,
                upload.sources(),
                starter,
                tests,
                upload.remarks(),
                CheckRequest.pins(names),
                structureOnly,
                isolation);
    }

    /** A pattern of the catalogue. */
    static Task ofPattern(String id) throws Unreadable {
        return new Task(
                Catalogue.text(id)
                        .orElseThrow(() -> new Unreadable("there is no pattern " + id + ". The catalogue holds: "
                                + String.join(", ", Catalogue.ids()))),
                List.of(),
                List.of(),
                Map.of());
    }

    /** A pattern file; a folder or zip of an exercise; or a folder that holds no more than a pattern, starter and tests. */
    static Task ofExercise(Path given) throws IOException, Unreadable {
        if (!Files.exists(given)) {
            throw new Unreadable("there is no file or folder at " + given);
        }
        boolean zip = Files.isRegularFile(given) && given.toString().endsWith(".zip");
        if (zip || Files.isRegularFile(given.resolve(ExerciseFolder.SETTINGS))) {
            return ofFolder(given);
        }
        Path muster = Files.isRegularFile(given) ? given : onlyMuster(given);
        try {
            String pattern = PatternFile.read(muster).text();
            return new Task(pattern, beside(given, "starter"), beside(given, "tests"), Map.of());
        } catch (PatternFile.UnreadablePattern e) {
            throw new Unreadable(e.getMessage());
        }
    }

    private static Task ofFolder(Path given) throws IOException, Unreadable {
        try {
            ExerciseFolder exercise = ExerciseFiles.read(given);
            for (Problem p : exercise.problems()) {
                if (p.blocks()) {
                    throw new Unreadable(given + ", " + p.said());
                }
            }
            return new Task(
                    exercise.patternText(),
                    exercise.starter(),
                    exercise.tests(),
                    exercise.settings().names());
        } catch (ArchiveException | SettingsException e) {
            throw new Unreadable(given + ": " + e.getMessage());
        }
    }

    private static Path onlyMuster(Path folder) throws IOException, Unreadable {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> found =
                    files.filter(f -> f.toString().endsWith(".muster")).sorted().toList();
            if (found.size() != 1) {
                throw new Unreadable(folder + " holds "
                        + (found.isEmpty() ? "no .muster file" : found.size() + " .muster files; name one"));
            }
            return found.get(0);
        }
    }

    /** The sources in a folder beside the exercise's pattern; or nothing. */
    private static List<SourceFile> beside(Path exercise, String name) throws IOException, Unreadable {
        Path folder = Files.isDirectory(exercise) ? exercise.resolve(name) : null;
        if (folder == null || !Files.isDirectory(folder)) {
            return List.of();
        }
        try {
            return new Archive(SourceFiles.ANY, ArchiveLimits.USUAL)
                    .read(folder)
                    .sources();
        } catch (ArchiveException e) {
            throw new Unreadable(folder + ": " + e.getMessage());
        }
    }
}
