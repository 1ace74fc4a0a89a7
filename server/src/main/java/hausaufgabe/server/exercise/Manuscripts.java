package hausaufgabe.server.exercise;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Exercises as they are being written, file by file, and how they come into force. Every write says which revision of the file
 * it was made on; what is in force stays as it is until a new version is made.
 */
@Service
public class Manuscripts {

    private static final int LONGEST_NOTE = 400;

    interface Repository extends JpaRepository<ManuscriptFile, ManuscriptFile.Key> {
        List<ManuscriptFile> findByKeyExerciseId(Long exerciseId);

        @Query(nativeQuery = true, value = "select next value for manuscript_revision")
        long nextRevision();
    }

    /** Whether anything was handed in for an exercise. */
    public interface HandIns {
        boolean any(long exercise);
    }

    private final Repository files;
    private final Exercises exercises;
    private final Exercises.Repository records;
    private final Exercises.VersionRepository versions;
    private final Extensions.Repository extensions;
    private final Accounts accounts;
    private final HandIns handIns;
    private final Clock clock;

    Manuscripts(
            Repository files,
            Exercises exercises,
            Exercises.Repository records,
            Exercises.VersionRepository versions,
            Extensions.Repository extensions,
            Accounts accounts,
            @Lazy HandIns handIns,
            Clock clock) {
        this.files = files;
        this.exercises = exercises;
        this.records = records;
        this.versions = versions;
        this.extensions = extensions;
        this.accounts = accounts;
        this.handIns = handIns;
        this.clock = clock;
    }

    /**
     * A file of a manuscript.
     *
     * @param size in bytes
     * @param changedBy name; null where nobody was asked
     */
    public record FileLine(
            String path, long revision, int size, @Nullable String changedBy, Instant changedAt) {}

    /** @param madeBy name; null for one that was there before versions were kept */
    public record VersionLine(
            long id, int number, String note, @Nullable String madeBy, Instant madeAt, boolean inForce) {}

    /** Begins an exercise in a course, behind those that are there. */
    @Transactional
    public Exercises.Line begin(long course, ExerciseFolder folder, @Nullable Person by) {
        Exercise made = records.saveAndFlush(
                new Exercise(course, records.lastNumber(course) + 1, titleOf(folder, "New exercise")));
        folder.files().forEach((path, content) -> store(new ManuscriptFile(made.id, path), content, by));
        return exercises.line(made.id);
    }

    /** Begins an exercise and puts it in force at once. */
    @Transactional
    public Exercises.Version open(long course, ExerciseFolder folder, @Nullable Person by) {
        return putInForce(begin(course, folder, by).id(), "", by);
    }

    private static String titleOf(ExerciseFolder folder, String otherwise) {
        try {
            return folder.settings().title();
        } catch (SettingsException e) {
            // what is wrong with the settings is told where they are written
            return otherwise;
        }
    }

    private ManuscriptFile store(ManuscriptFile file, byte[] content, @Nullable Person by) {
        file.content = content;
        file.revision = files.nextRevision();
        file.changedBy = by == null ? null : by.id();
        file.changedAt = Instant.now(clock);
        return files.save(file);
    }

    /** The exercise as it is being written. */
    @Transactional(readOnly = true)
    public ExerciseFolder folder(long exercise) {
        exercises.find(exercise);
        Map<String, byte[]> all = new TreeMap<>();
        files.findByKeyExerciseId(exercise).forEach(f -> all.put(f.key.path(), f.content));
        try {
            return ExerciseFolder.of(all);
        } catch (ArchiveException e) {
            throw new IllegalStateException("what is stored was looked at before", e);
        }
    }

    @Transactional(readOnly = true)
    public List<FileLine> files(long exercise) {
        Map<Long, String> names = accounts.names();
        return files.findByKeyExerciseId(exercise).stream()
                .map(f -> new FileLine(
                        f.key.path(),
                        f.revision,
                        f.content.length,
                        f.changedBy == null ? null : names.get(f.changedBy),
                        f.changedAt))
                .sorted(java.util.Comparator.comparing(FileLine::path))
                .toList();
    }

    /**
     * Writes a file.
     *
     * @param revision the one it was written on; 0 for a new file
     * @return the new revision
     * @throws Problem where somebody else wrote it since, or it can be no part of an exercise; nothing is stored then
     */
    @Transactional
    public long write(long exercise, String path, byte[] content, long revision, Person by) {
        ExerciseFolder changed = changed(exercise, Map.of(path, content));
        ManuscriptFile file = current(exercise, path, revision);
        file = store(file == null ? new ManuscriptFile(exercise, path) : file, content, by);
        retitle(exercise, changed);
        files.flush();
        return file.revision;
    }

    private ExerciseFolder changed(long exercise, Map<String, byte[]> with) {
        Map<String, byte[]> all = new TreeMap<>(folder(exercise).files());
        all.putAll(with);
        try {
            return ExerciseFolder.of(all);
        } catch (ArchiveException e) {
            throw Problem.badRequest(e.getMessage() + " Nothing was stored.");
        }
    }

    /** The file, if it is still the one that was read; null for one that is still to be made. */
    private @Nullable ManuscriptFile current(long exercise, String path, long revision) {
        ManuscriptFile file =
                files.findById(new ManuscriptFile.Key(exercise, path)).orElse(null);
        long now = file == null ? 0 : file.revision;
        if (now != revision) {
            String who = file == null || file.changedBy == null
                    ? "Somebody"
                    : accounts.names().getOrDefault(file.changedBy, "Somebody");
            throw Problem.outdated(
                    file == null
                            ? "Somebody has taken this file away since you opened it. Your text is still in the field."
                            : who + " has written here since you opened it. Your text is still in the field.");
        }
        return file;
    }

    private void retitle(long exercise, ExerciseFolder folder) {
        Exercise e = exercises.find(exercise);
        e.title = titleOf(folder, e.title);
        records.save(e);
    }

    /** Puts several files in, in place of those of the same path; all or none. */
    @Transactional
    public void put(long exercise, Map<String, byte[]> added, Person by) {
        ExerciseFolder changed = changed(exercise, added);
        added.forEach((path, content) -> store(
                files.findById(new ManuscriptFile.Key(exercise, path))
                        .orElseGet(() -> new ManuscriptFile(exercise, path)),
                content,
                by));
        retitle(exercise, changed);
    }

    /** Takes a file away, or with a path that ends in a slash everything below it. */
    @Transactional
    public void remove(long exercise, String path) {
        exercises.find(exercise);
        List<ManuscriptFile> gone = files.findByKeyExerciseId(exercise).stream()
                .filter(f -> path.endsWith("/")
                        ? f.key.path().startsWith(path)
                        : f.key.path().equals(path))
                .toList();
        if (gone.isEmpty()) {
            throw Problem.notFound("There is no such file any more.");
        }
        files.deleteAll(gone);
    }

    @Transactional(readOnly = true)
    public List<VersionLine> versions(long exercise) {
        Map<Long, String> names = accounts.names();
        Long inForce = exercises.find(exercise).currentVersion;
        return versions.findByExerciseIdOrderByNumberDesc(exercise).stream()
                .map(v -> new VersionLine(
                        v.id,
                        v.number,
                        v.note,
                        v.madeBy == null ? null : names.get(v.madeBy),
                        v.madeAt,
                        v.id.equals(inForce)))
                .toList();
    }

    /** What a version that is made now would change, as paths; everything for the first. */
    @Transactional(readOnly = true)
    public List<String> unlike(long exercise) {
        ExerciseFolder now = folder(exercise);
        Map<String, byte[]> before = exercises
                .inForce(exercise)
                .map(v -> (Map<String, byte[]>) v.folder().files())
                .orElse(Map.of());
        return java.util.stream.Stream.concat(now.files().keySet().stream(), before.keySet().stream())
                .distinct()
                .filter(p -> !java.util.Arrays.equals(now.files().get(p), before.get(p)))
                .sorted()
                .toList();
    }

    /**
     * Puts what is written in force as a new version; the first one opens the exercise. Submissions keep the version they were
     * checked with until they are checked again.
     */
    @Transactional
    public Exercises.Version putInForce(long exercise, String note, @Nullable Person by) {
        ExerciseFolder folder = folder(exercise);
        List<String> blocking = folder.problems().stream()
                .filter(hausaufgabe.checking.exercise.Problem::blocks)
                .map(hausaufgabe.checking.exercise.Problem::said)
                .toList();
        if (!blocking.isEmpty()) {
            throw Problem.conflict("It cannot be put in force yet. "
                    + blocking.stream().limit(3).collect(Collectors.joining(" ")));
        }
        if (unlike(exercise).isEmpty()) {
            throw Problem.conflict("Nothing is different from the version that is in force.");
        }
        String plain = note == null ? "" : note.strip();
        if (plain.length() > LONGEST_NOTE) {
            throw Problem.badRequest("A note has at most " + LONGEST_NOTE + " characters.");
        }
        List<ExerciseVersion> before = versions.findByExerciseIdOrderByNumberDesc(exercise);
        ExerciseVersion made = versions.saveAndFlush(new ExerciseVersion(
                exercise,
                before.isEmpty() ? 1 : before.get(0).number + 1,
                ExerciseFiles.pack(folder),
                plain,
                by == null ? null : by.id(),
                Instant.now(clock)));
        Exercise e = exercises.find(exercise);
        e.currentVersion = made.id;
        records.save(e);
        return exercises.version(made.id);
    }

    /** Makes what is written the same as a version, to go on from there. */
    @Transactional
    public void goBackTo(long exercise, long version, Person by) {
        if (versions.findById(version).filter(v -> v.exerciseId == exercise).isEmpty()) {
            throw Problem.notFound("There is no such version of the exercise.");
        }
        Map<String, byte[]> old = exercises.version(version).folder().files();
        files.findByKeyExerciseId(exercise).stream()
                .filter(f -> !old.containsKey(f.key.path()))
                .forEach(files::delete);
        put(exercise, old, by);
    }

    /** @throws Problem where something was handed in for it */
    @Transactional
    public void delete(long exercise) {
        Exercise e = exercises.find(exercise);
        if (handIns.any(exercise)) {
            throw Problem.conflict("Something was handed in for this exercise, so it stays. Nothing was taken away.");
        }
        e.currentVersion = null;
        records.saveAndFlush(e);
        versions.deleteAll(versions.findByExerciseIdOrderByNumberDesc(exercise));
        files.deleteAll(files.findByKeyExerciseId(exercise));
        extensions.deleteAll(extensions.findByKeyExerciseId(exercise));
        records.delete(e);
    }

    /** Exchanges an exercise's place with the one before or after it. */
    @Transactional
    public void move(long exercise, boolean up) {
        Exercise e = exercises.find(exercise);
        List<Exercise> all = records.findByCourseIdOrderByNumber(e.courseId);
        int at = all.indexOf(e) + (up ? -1 : 1);
        if (at < 0 || at >= all.size()) {
            return;
        }
        Exercise other = all.get(at);
        int mine = e.number;
        int theirs = other.number;
        // numbers of a course are different at every moment
        e.number = -1;
        records.saveAndFlush(e);
        other.number = mine;
        records.saveAndFlush(other);
        e.number = theirs;
        records.saveAndFlush(e);
    }
}
