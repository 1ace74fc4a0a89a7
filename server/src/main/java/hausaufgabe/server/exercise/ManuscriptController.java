package hausaufgabe.server.exercise;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Staff;
import hausaufgabe.server.course.Courses;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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
    private static final Map<String, MediaType> PICTURES = Map.of(
            "png", MediaType.IMAGE_PNG,
            "jpg", MediaType.IMAGE_JPEG,
            "jpeg", MediaType.IMAGE_JPEG,
            "gif", MediaType.IMAGE_GIF,
            "webp", MediaType.parseMediaType("image/webp"));

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
     * What an exercise is to begin with: one of a pattern of the catalogue, an earlier exercise, or nothing.
     *
     * @param title null for the pattern's or the other's
     */
    record Beginning(
            @Nullable String pattern,
            @Nullable Long exercise,
            @Nullable String title) {}

    record Begun(long id) {}

    /**
     * The settings as a form has them. Times are those of a clock on the wall, such as 2026-12-04T20:00.
     *
     * @param most how often it may be handed in; 0 for as often as one likes
     */
    record SettingsForm(
            @NotNull String title,
            @NotNull String zone,
            @Nullable String opens,
            @Nullable String due,
            @Nullable String closes,
            @Nullable Integer graceMinutes,
            @Nullable Double pointsPerDay,
            @Nullable Double percentPerDay,
            @Nullable Integer most,
            ExerciseSettings.@Nullable Counting counts,
            ExerciseSettings.@Nullable Shown shows,
            @Nullable Map<String, String> names,
            @Nullable Map<String, List<String>> wrong) {}

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

    @PostMapping("/api/courses/{course}/exercises")
    @ResponseStatus(HttpStatus.CREATED)
    Begun begin(@PathVariable long course, @RequestBody Beginning given, @AuthenticationPrincipal Staff staff)
            throws ArchiveException {
        ZoneId zone = courses.zone(course);
        ExerciseFolder folder = given.exercise() != null
                ? earlier(given.exercise(), course, given.title())
                : given.pattern() != null
                        ? Beginnings.of(
                                Catalogue.pattern(given.pattern())
                                        .orElseThrow(() -> Problem.notFound("There is no such pattern.")),
                                Catalogue.text(given.pattern()).orElseThrow(),
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
            @PathVariable long course, @RequestParam("folder") MultipartFile zip, @AuthenticationPrincipal Staff staff)
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
                form(folder),
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

    private static @Nullable SettingsForm form(ExerciseFolder folder) {
        try {
            ExerciseSettings s = folder.settings();
            return new SettingsForm(
                    s.title(),
                    s.zone().getId(),
                    said(s.opens()),
                    said(s.due()),
                    said(s.late().closes()),
                    s.late().graceMinutes(),
                    s.late().pointsPerDay().doubleValue(),
                    s.late().percentPerDay().doubleValue(),
                    s.attempts().most(),
                    s.attempts().counts(),
                    s.shows(),
                    s.names(),
                    s.wrong());
        } catch (SettingsException e) {
            return null;
        }
    }

    private static @Nullable String said(@Nullable LocalDateTime time) {
        return time == null ? null : time.toString();
    }

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
            @AuthenticationPrincipal Staff staff) {
        byte[] bytes = (given.text() == null ? "" : given.text()).getBytes(StandardCharsets.UTF_8);
        return new Written(path, manuscripts.write(id, path, bytes, revision(match), staff));
    }

    /** Writes the settings as a form has them. */
    @PutMapping("/api/exercises/{id}/manuscript/settings")
    Written write(
            @PathVariable long id,
            @RequestBody SettingsForm given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Staff staff) {
        byte[] bytes = SettingsYaml.write(settings(given)).getBytes(StandardCharsets.UTF_8);
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

    /** The form as a file of settings says it, so that both are asked the same of. */
    private static ExerciseSettings settings(SettingsForm f) {
        Map<String, Object> late = new LinkedHashMap<>();
        late.put("graceMinutes", f.graceMinutes());
        late.put("pointsPerDay", f.pointsPerDay());
        late.put("percentPerDay", f.percentPerDay());
        late.put("closes", blankAsNone(f.closes()));
        Map<String, Object> attempts = new LinkedHashMap<>();
        attempts.put("most", f.most());
        attempts.put("counts", f.counts() == null ? null : f.counts().name().toLowerCase(Locale.ROOT));
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("title", f.title());
        root.put("zone", f.zone());
        root.put("opens", blankAsNone(f.opens()));
        root.put("due", blankAsNone(f.due()));
        root.put("late", late);
        root.put("attempts", attempts);
        root.put(
                "shows",
                f.shows() == null
                        ? null
                        : f.shows().name().toLowerCase(Locale.ROOT).replace('_', ' '));
        root.put("names", f.names());
        root.put("wrong", f.wrong());
        try {
            return SettingsYaml.read(SettingsYaml.text(root));
        } catch (SettingsException e) {
            throw Problem.badRequest(capitalised(e.getMessage()) + ". Nothing was stored.");
        } catch (DateTimeException e) {
            throw Problem.badRequest("A time cannot be read. Nothing was stored.");
        }
    }

    private static String capitalised(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static @Nullable String blankAsNone(@Nullable String text) {
        return text == null || text.isBlank() ? null : text;
    }

    /** Puts files into a folder of the manuscript, in place of those of the same path. */
    @PostMapping(path = "/api/exercises/{id}/manuscript/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void upload(
            @PathVariable long id,
            @RequestParam String folder,
            @RequestParam("files") List<MultipartFile> files,
            @AuthenticationPrincipal Staff staff)
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
        byte[] bytes = path.startsWith(ExerciseFolder.IMAGES) ? folder.files().get(path) : null;
        if (bytes == null) {
            throw Problem.notFound("There is no such picture.");
        }
        String ending = path.substring(path.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return ResponseEntity.ok().contentType(PICTURES.get(ending)).body(bytes);
    }

    /** The exercise as it is being written, as a zip of its folder. */
    @GetMapping(path = "/api/exercises/{id}/folder.zip", produces = "application/zip")
    ResponseEntity<byte[]> takeOut(@PathVariable long id) {
        ExerciseFolder folder = manuscripts.folder(id);
        String name =
                exercises.line(id).title().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        String file = (name.isEmpty() ? "exercise" : name.substring(0, Math.min(name.length(), 2 * ATTACHED))) + ".zip";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(ExerciseFiles.pack(folder));
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
            @PathVariable long id, @RequestBody Note given, @AuthenticationPrincipal Staff staff) {
        manuscripts.putInForce(id, given.note(), staff);
        return manuscripts.versions(id).get(0);
    }

    /** Goes on from an earlier version. */
    @PostMapping("/api/exercises/{id}/versions/{version}/restored")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable long id, @PathVariable long version, @AuthenticationPrincipal Staff staff) {
        manuscripts.goBackTo(id, version, staff);
    }

    @PutMapping("/api/exercises/{id}/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@PathVariable long id, @RequestBody Direction given) {
        manuscripts.move(id, given.up());
    }

    @DeleteMapping("/api/exercises/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable long id) {
        manuscripts.delete(id);
    }
}
