package hausaufgabe.server.exercise;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.server.Downloads;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Exercises as they are being written: begun, changed file by file, put in force, taken out and in. */
@RestController
class ManuscriptController {

    private static final int ATTACHED = 24;

    private final Manuscripts manuscripts;
    private final Exercises exercises;
    private final Courses courses;
    private final Trials trials;

    ManuscriptController(Manuscripts manuscripts, Exercises exercises, Courses courses, Trials trials) {
        this.manuscripts = manuscripts;
        this.exercises = exercises;
        this.courses = courses;
        this.trials = trials;
    }

    /**
     * What an exercise is to begin with: a pattern of the catalogue or two at once, an earlier exercise, or nothing.
     *
     * @param second a further pattern that is asked for in the same program; null for none
     * @param same by roles of the second pattern those of the first that the same type plays; null for none
     * @param title null for the pattern's or the other's
     */
    record Beginning(
            @Nullable String pattern,
            @Nullable String second,
            @Nullable Map<String, String> same,
            @Nullable Long exercise,
            @Nullable String title) {}

    record Begun(long id) {}

    record SolutionLine(String path, String name, boolean right, List<String> caughtBy, List<String> files) {}

    /**
     * Everything a page of the exercise needs to write on.
     *
     * @param settings null where the file cannot be read as it stands
     * @param unlike paths in which it differs from the version in force
     */
    record ManuscriptView(
            long id,
            Courses.Heading course,
            int number,
            String title,
            List<Manuscripts.FileLine> files,
            String settingsText,
            @Nullable SettingsForm settings,
            String brief,
            String pattern,
            List<SolutionLine> solutions,
            List<hausaufgabe.checking.exercise.Problem> problems,
            List<Manuscripts.VersionLine> versions,
            List<String> unlike) {}

    /** A text of the manuscript. */
    record FileText(String path, long revision, String text) {}

    record WrittenText(@NotNull String text) {}

    record Written(String path, long revision) {}

    record Note(@Nullable String note) {}

    record Direction(boolean up) {}

    /** Begins an exercise, from a pattern or a folder. */
    @PostMapping("/api/courses/{course}/exercises")
    @ResponseStatus(HttpStatus.CREATED)
    Begun begin(@PathVariable long course, @RequestBody Beginning given, @AuthenticationPrincipal Person staff)
            throws ArchiveException {
        ZoneId zone = courses.zone(course);
        ExerciseFolder folder = given.exercise() != null
                ? earlier(given.exercise(), course, given.title())
                : given.pattern() != null
                        ? Beginnings.of(
                                Stream.of(given.pattern(), given.second())
                                        .filter(java.util.Objects::nonNull)
                                        .toList(),
                                given.same() == null ? Map.of() : given.same(),
                                given.title(),
                                zone)
                        : Beginnings.ofNothing(given.title(), zone);
        return new Begun(manuscripts.begin(course, folder, staff).id());
    }

    /** Another exercise of the same course, without its times. */
    private ExerciseFolder earlier(long exercise, long course, @Nullable String title) throws ArchiveException {
        if (exercises.line(exercise).courseId() != course) {
            throw Problem.badRequest("That exercise is of another course. Take it out there as a zip and in here.");
        }
        ExerciseFolder folder = manuscripts.folder(exercise);
        try {
            return folder.with(
                    ExerciseFolder.SETTINGS, SettingsYaml.write(Beginnings.withoutTimes(folder.settings(), title)));
        } catch (SettingsException e) {
            throw Problem.conflict("The settings of that exercise cannot be read: " + e.getMessage());
        }
    }

    /** Takes an exercise in that comes as a zip of its folder. */
    @PostMapping(path = "/api/courses/{course}/exercises/folder", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Begun takeIn(
            @PathVariable long course, @RequestParam("folder") MultipartFile zip, @AuthenticationPrincipal Person staff)
            throws IOException {
        courses.heading(course);
        String name = zip.getOriginalFilename() == null ? "The file" : zip.getOriginalFilename();
        ExerciseFolder folder;
        try {
            folder = ExerciseFiles.unpack(name, zip.getBytes());
        } catch (ArchiveException e) {
            throw Problem.badRequest(e.getMessage() + " Nothing was stored.");
        }
        if (!folder.files().containsKey(ExerciseFolder.PATTERN)
                || !folder.files().containsKey(ExerciseFolder.SETTINGS)) {
            throw Problem.badRequest(name + " holds no exercise: " + ExerciseFolder.SETTINGS + " and "
                    + ExerciseFolder.PATTERN + " must both lie in it. Nothing was stored.");
        }
        try {
            folder.settings();
        } catch (SettingsException e) {
            throw Problem.badRequest(name + ", " + ExerciseFolder.SETTINGS + ", line " + e.line() + ": "
                    + e.getMessage() + ". Nothing was stored.");
        }
        return new Begun(manuscripts.begin(course, folder, staff).id());
    }

    /** An exercise as it is being written. */
    @GetMapping("/api/exercises/{id}/manuscript")
    ManuscriptView manuscript(@PathVariable long id) {
        Exercises.Line e = exercises.line(id);
        ExerciseFolder folder = manuscripts.folder(id);
        return new ManuscriptView(
                id,
                courses.heading(e.courseId()),
                e.number(),
                e.title(),
                manuscripts.files(id),
                folder.text(ExerciseFolder.SETTINGS),
                SettingsForm.of(folder),
                folder.brief(),
                folder.patternText(),
                folder.solutions().stream()
                        .map(s -> new SolutionLine(
                                (s.isRight() ? ExerciseFolder.SOLUTIONS : ExerciseFolder.WRONG) + s.name(),
                                s.name(),
                                s.isRight(),
                                s.caughtBy(),
                                s.sources().stream().map(x -> x.path()).toList()))
                        .toList(),
                folder.problems(),
                manuscripts.versions(id),
                manuscripts.unlike(id));
    }

    /** A file of an exercise as it is being written. */
    @GetMapping("/api/exercises/{id}/manuscript/file")
    FileText file(@PathVariable long id, @RequestParam String path) {
        long revision = manuscripts.files(id).stream()
                .filter(f -> f.path().equals(path))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("There is no such file any more."))
                .revision();
        return new FileText(
                path,
                revision,
                path.startsWith(ExerciseFolder.IMAGES)
                        ? ""
                        : manuscripts.folder(id).text(path));
    }

    /** @param match the revision it was written on; 0 for a new file */
    @PutMapping("/api/exercises/{id}/manuscript/file")
    Written write(
            @PathVariable long id,
            @RequestParam String path,
            @RequestBody WrittenText given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        byte[] bytes = (given.text() == null ? "" : given.text()).getBytes(StandardCharsets.UTF_8);
        return new Written(path, manuscripts.write(id, path, bytes, revision(match), staff));
    }

    /** Writes the settings as a form has them. */
    @PutMapping("/api/exercises/{id}/manuscript/settings")
    Written write(
            @PathVariable long id,
            @RequestBody SettingsForm given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        byte[] bytes = SettingsYaml.write(given.settings()).getBytes(StandardCharsets.UTF_8);
        return new Written(
                ExerciseFolder.SETTINGS, manuscripts.write(id, ExerciseFolder.SETTINGS, bytes, revision(match), staff));
    }

    private static long revision(String match) {
        try {
            return Long.parseLong(match.replace("\"", ""));
        } catch (NumberFormatException e) {
            throw Problem.badRequest("The request does not say which revision it was written on.");
        }
    }

    /** Puts files into a folder of the manuscript, in place of those of the same path. */
    @PostMapping(path = "/api/exercises/{id}/manuscript/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void upload(
            @PathVariable long id,
            @RequestParam String folder,
            @RequestParam("files") List<MultipartFile> files,
            @AuthenticationPrincipal Person staff)
            throws IOException {
        Map<String, byte[]> added = new TreeMap<>();
        String within = folder.isEmpty() || folder.endsWith("/") ? folder : folder + "/";
        for (MultipartFile f : files) {
            String name = f.getOriginalFilename() == null
                    ? ""
                    : f.getOriginalFilename().replace('\\', '/');
            added.put(within + name, f.getBytes());
        }
        manuscripts.put(id, added, staff);
    }

    /** Takes a file of an exercise away. */
    @DeleteMapping("/api/exercises/{id}/manuscript/file")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @RequestParam String path) {
        if (List.of(ExerciseFolder.SETTINGS, ExerciseFolder.PATTERN, "").contains(path)) {
            throw Problem.conflict("An exercise needs this file. Change what it says instead.");
        }
        manuscripts.remove(id, path);
    }

    /** A picture of the brief, as it is being written or as it is in force. */
    @GetMapping("/api/exercises/{id}/picture")
    ResponseEntity<byte[]> picture(
            @PathVariable long id, @RequestParam String path, @RequestParam(defaultValue = "false") boolean written) {
        ExerciseFolder folder = written
                ? manuscripts.folder(id)
                : exercises.inForce(id).map(Exercises.Version::folder).orElseGet(() -> manuscripts.folder(id));
        return Pictures.of(folder, path);
    }

    /** The exercise as it is being written, as a zip of its folder. */
    @GetMapping(path = "/api/exercises/{id}/folder.zip", produces = "application/zip")
    ResponseEntity<byte[]> takeOut(@PathVariable long id) {
        ExerciseFolder folder = manuscripts.folder(id);
        String name =
                exercises.line(id).title().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        String file = (name.isEmpty() ? "exercise" : name.substring(0, Math.min(name.length(), 2 * ATTACHED))) + ".zip";
        return Downloads.named(file).body(ExerciseFiles.pack(folder));
    }

    /** Has a solution of the manuscript judged by what is written. */
    @PostMapping("/api/exercises/{id}/trial")
    Trials.Trial trial(@PathVariable long id, @RequestParam String solution) {
        return trials.run(manuscripts.folder(id), solution);
    }

    /** Puts what is written in force. */
    @PostMapping("/api/exercises/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    Manuscripts.VersionLine putInForce(
            @PathVariable long id, @RequestBody Note given, @AuthenticationPrincipal Person staff) {
        manuscripts.putInForce(id, given.note(), staff);
        return manuscripts.versions(id).get(0);
    }

    /** Goes on from an earlier version. */
    @PostMapping("/api/exercises/{id}/versions/{version}/restored")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable long id, @PathVariable long version, @AuthenticationPrincipal Person staff) {
        manuscripts.goBackTo(id, version, staff);
    }

    /** Says at which place in the course an exercise stands. */
    @PutMapping("/api/exercises/{id}/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@PathVariable long id, @RequestBody Direction given) {
        manuscripts.move(id, given.up());
    }

    /** Takes an exercise away for which nothing was handed in. */
    @DeleteMapping("/api/exercises/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable long id) {
        manuscripts.delete(id);
    }
}
