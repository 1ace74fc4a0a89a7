package hausaufgabe.server.exercise;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.InCourse;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The exercises of the courses, as they are in force. */
@Service
public class Exercises implements InCourse {

    /** How many versions are kept unpacked, those used last. */
    private static final int UNPACKED = 64;

    interface Repository extends JpaRepository<Exercise, Long> {
        List<Exercise> findByCourseIdOrderByNumber(Long courseId);

        List<Exercise> findByChecksPausedTrue();

        @Query("select coalesce(max(e.number), 0) from Exercise e where e.courseId = ?1")
        int lastNumber(Long courseId);
    }

    interface VersionRepository extends JpaRepository<ExerciseVersion, Long> {
        List<ExerciseVersion> findByExerciseIdOrderByNumberDesc(Long exerciseId);
    }

    private final Repository exercises;
    private final VersionRepository versions;
    private final Map<Long, Version> unpacked = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Version> eldest) {
            return size() > UNPACKED;
        }
    };

    Exercises(Repository exercises, VersionRepository versions) {
        this.exercises = exercises;
        this.versions = versions;
    }

    /** What lists say of an exercise; one without a version is still being written. */
    public record Line(
            long id,
            long courseId,
            int number,
            String title,
            @Nullable Long version) {}

    /**
     * The points of a submission as they stand.
     *
     * @param late what was taken off for being late
     */
    public record Standing(double points, double late) {}

    /** An exercise as it was put in force: what submissions are judged by. */
    public record Version(long id, long exerciseId, int number, ExerciseFolder folder, ExerciseSettings settings) {

        public PatternSet patterns() {
            return folder.patterns();
        }

        /** When it is due; empty for no end. */
        public Optional<Instant> dueAt() {
            return settings.deadline().map(ZonedDateTime::toInstant);
        }

        /**
         * When it is due for a student.
         *
         * @param extended until when the student may; null for as long as all
         */
        public Optional<ZonedDateTime> dueFor(@Nullable Instant extended) {
            return settings.deadline()
                    .map(d -> extended == null || extended.isBefore(d.toInstant())
                            ? d
                            : extended.atZone(settings.zone()));
        }

        /**
         * Whether something that was handed in at a moment is late.
         *
         * @param extended as for {@link #dueFor}
         */
        public boolean isLate(Instant at, @Nullable Instant extended) {
            return dueFor(extended)
                    .map(d -> settings.late().daysBegun(at, d) > 0)
                    .orElse(false);
        }

        /**
         * When nothing is taken any more from a student; empty where there is no such moment.
         *
         * @param extended as for {@link #dueFor}
         */
        public Optional<ZonedDateTime> closesFor(@Nullable Instant extended) {
            return settings.close()
                    .map(c -> extended == null || extended.isBefore(c.toInstant())
                            ? c
                            : extended.atZone(settings.zone()));
        }

        /**
         * What points that were earned come to.
         *
         * @param at when it was handed in
         * @param extended as for {@link #dueFor}
         */
        public Standing standing(
                double earned, double possible, boolean compiled, Instant at, @Nullable Instant extended) {
            double rounded = settings.rounding().of(earned, compiled);
            double late = dueFor(extended)
                    .map(d -> settings.late().deduction(at, d, rounded, possible))
                    .orElse(0.0);
            return new Standing(rounded - late, late);
        }

        public CheckRequest check(Upload upload, CheckRequest.Isolation isolation) {
            try {
                return folder.check(upload, false, isolation);
            } catch (SettingsException e) {
                throw new IllegalStateException("a version in force has settings", e);
            }
        }
    }

    @Override
    public String kind() {
        return "exercises";
    }

    @Override
    public Optional<Long> courseOf(long number) {
        return exercises.findById(number).map(e -> e.courseId);
    }

    @Transactional(readOnly = true)
    public List<Line> ofCourse(long course) {
        return exercises.findByCourseIdOrderByNumber(course).stream()
                .map(Exercises::line)
                .toList();
    }

    /** @throws Problem where there is no such exercise */
    @Transactional(readOnly = true)
    public Line line(long id) {
        return line(find(id));
    }

    Exercise find(long id) {
        return exercises.findById(id).orElseThrow(() -> Problem.notFound("There is no such exercise."));
    }

    private static Line line(Exercise e) {
        return new Line(e.id, e.courseId, e.number, e.title, e.currentVersion);
    }

    /** Those whose checks are held back. */
    @Transactional(readOnly = true)
    public List<Long> paused() {
        return exercises.findByChecksPausedTrue().stream().map(e -> e.id).toList();
    }

    /** Holds the checks of an exercise back, or no longer. */
    @Transactional
    public void pauseChecks(long exercise, boolean paused) {
        Exercise e = find(exercise);
        e.checksPaused = paused;
        exercises.save(e);
    }

    /** The version in force; empty as long as the exercise was not opened. */
    @Transactional(readOnly = true)
    public Optional<Version> inForce(long exercise) {
        return Optional.ofNullable(find(exercise).currentVersion).map(this::version);
    }

    /** @throws Problem where the exercise was not opened */
    @Transactional(readOnly = true)
    public Version opened(long exercise) {
        return inForce(exercise)
                .orElseThrow(() -> Problem.conflict(
                        "This exercise is still being written. Its lead opens it on the page where it is written."));
    }

    /** A version by its id, also one that is no longer in force. */
    @Transactional(readOnly = true)
    public Version version(long id) {
        synchronized (unpacked) {
            Version known = unpacked.get(id);
            if (known != null) {
                return known;
            }
        }
        ExerciseVersion v =
                versions.findById(id).orElseThrow(() -> Problem.notFound("There is no such version of the exercise."));
        Version version;
        try {
            ExerciseFolder folder = ExerciseFiles.unpack("The version", v.folder);
            version = new Version(v.id, v.exerciseId, v.number, folder, folder.settings());
        } catch (ArchiveException | SettingsException e) {
            throw Problem.gone("This version of the exercise can no longer be read from the records: " + e.getMessage()
                    + " Bring the data folder back from a copy.");
        }
        synchronized (unpacked) {
            unpacked.put(id, version);
        }
        return version;
    }
}
