package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.InCourse;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Manuscripts;
import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** What was handed in. Every attempt is kept. */
@Service
public class Submissions implements InCourse, Manuscripts.HandIns {

    interface Repository extends JpaRepository<Submission, Long> {
        List<Submission> findByExerciseIdAndStudentIdOrderByAttemptAsc(Long exerciseId, Long studentId);

        @Query("select coalesce(max(s.attempt), 0) from Submission s where s.exerciseId = ?1 and s.studentId = ?2")
        int lastAttempt(Long exerciseId, Long studentId);

        boolean existsByExerciseId(Long exerciseId);

        /** Those whose report is of another version, or that have none; what is being checked now is left out. */
        @Query("select s.id from Submission s left join CheckRun r on r.id = s.currentRun where s.exerciseId = ?1"
                + " and (r.exerciseVersion is null or r.exerciseVersion <> ?2)"
                + " and s.state in (hausaufgabe.server.submission.Submission.State.CHECKED,"
                + " hausaufgabe.server.submission.Submission.State.FAILED) order by s.id")
        List<Long> notCheckedWith(Long exerciseId, Long version);

        @Query("select s.id from Submission s where s.state in (hausaufgabe.server.submission.Submission.State.QUEUED, "
                + "hausaufgabe.server.submission.Submission.State.RUNNING) order by s.id")
        List<Long> unfinished();
    }

    interface RunRepository extends JpaRepository<CheckRun, Long> {}

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("EEEE, d MMMM uuuu 'at' HH:mm", Locale.ENGLISH);

    /** How often a hand-in is numbered anew, where another one for the same student took its number. */
    private static final int TRIES = 8;

    private final Repository submissions;
    private final RunRepository runs;
    private final SourceStore sources;
    private final Courses courses;
    private final Exercises exercises;
    private final CheckDesk desk;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final Archive archive = new Archive(path -> path.endsWith(".java"), ArchiveLimits.USUAL);

    Submissions(
            Repository submissions,
            RunRepository runs,
            SourceStore sources,
            Courses courses,
            Exercises exercises,
            CheckDesk desk,
            Clock clock,
            TransactionTemplate transaction) {
        this.submissions = submissions;
        this.runs = runs;
        this.sources = sources;
        this.courses = courses;
        this.exercises = exercises;
        this.desk = desk;
        this.clock = clock;
        this.transaction = transaction;
    }

    /**
     * Takes an upload for a student and has it checked.
     *
     * @param files one zip, or loose sources, by name
     * @throws Problem where the upload cannot be used; nothing is stored then
     */
    public HandedIn handIn(long exercise, long student, Map<String, byte[]> files, long by) {
        return handIn(exercise, student, files, by, Instant.now(clock));
    }

    /** Takes an upload that came at another time than now. */
    public HandedIn handIn(long exercise, long student, Map<String, byte[]> files, long by, Instant at) {
        Exercises.Version version = exercises.opened(exercise);
        Student who = courses.student(exercises.line(exercise).courseId(), student);
        admit(version.settings(), at);
        Upload upload = read(files);
        Long id = numbered(exercise, who.id(), at, by, sources.keep(upload), version.settings());
        desk.check(id, false);
        return get(id);
    }

    /** @throws Problem where nothing is taken yet, or no more */
    private static void admit(ExerciseSettings settings, Instant at) {
        settings.opening().filter(o -> at.isBefore(o.toInstant())).ifPresent(o -> {
            throw Problem.conflict("This exercise opens on " + MOMENT.format(o) + ". Nothing was stored.");
        });
        settings.close().filter(c -> at.isAfter(c.toInstant())).ifPresent(c -> {
            throw Problem.conflict("This exercise closed on " + MOMENT.format(c)
                    + ". Its lead can set another time on the page where it is written. Nothing was stored.");
        });
    }

    /** Two hand-ins for one student at the same moment become two attempts. */
    private Long numbered(long exercise, long student, Instant at, long by, String hash, ExerciseSettings settings) {
        int most = settings.attempts().most();
        for (int tried = 0; tried < TRIES; tried++) {
            try {
                return transaction.execute(status -> {
                    int last = submissions.lastAttempt(exercise, student);
                    if (most > 0 && last >= most) {
                        throw Problem.conflict("This student has handed in " + last + " of " + most
                                + (most == 1 ? " time" : " times") + " that the exercise allows. Nothing was stored.");
                    }
                    return submissions.saveAndFlush(new Submission(exercise, student, last + 1, at, by, hash)).id;
                });
            } catch (DataIntegrityViolationException taken) {
                // another attempt has this number now
            }
        }
        throw Problem.conflict(
                "Much is handed in for this student at this moment. Nothing was stored; hand it in again.");
    }

    private Upload read(Map<String, byte[]> files) {
        try {
            if (files.isEmpty()) {
                throw new ArchiveException("No file was chosen. Choose one .zip or the .java files.");
            }
            Map.Entry<String, byte[]> only = files.entrySet().iterator().next();
            boolean zip = files.size() == 1 && !only.getKey().endsWith(".java");
            return zip ? archive.zip(only.getKey(), only.getValue()) : archive.files(files);
        } catch (ArchiveException e) {
            throw Problem.badRequest(e.getMessage() + " Nothing was stored.");
        }
    }

    /** Has a submission checked again, by the exercise as it is now. What people decided stays. */
    public HandedIn checkAgain(long id) {
        HandedIn s = get(id);
        if (s.state() == HandedIn.State.QUEUED || s.state() == HandedIn.State.RUNNING) {
            throw Problem.conflict("It is being checked already.");
        }
        desk.check(id, true);
        return get(id);
    }

    /**
     * Has everything that was handed in for an exercise checked again, with the version that is in force. Returns at once; what
     * was checked with just this version already is left as it is.
     *
     * @return how many are checked
     */
    public int checkAllAgain(long exercise) {
        Exercises.Version version = exercises.opened(exercise);
        List<Long> all = submissions.notCheckedWith(exercise, version.id());
        Thread checking = new Thread(() -> all.forEach(id -> desk.check(id, false)), "check-all-" + exercise);
        checking.setDaemon(true);
        checking.start();
        return all.size();
    }

    @Override
    public boolean any(long exercise) {
        return submissions.existsByExerciseId(exercise);
    }

    @Override
    public String kind() {
        return "submissions";
    }

    @Override
    public Optional<Long> courseOf(long number) {
        return submissions.findById(number).flatMap(s -> exercises.courseOf(s.exerciseId));
    }

    /** @throws Problem where there is no such submission */
    public HandedIn get(long id) {
        return submissions.findById(id).map(this::handedIn).orElseThrow(Submissions::unknown);
    }

    /** Its sources and what was noticed in reading them. */
    public Upload sources(long id) {
        return sources.load(submissions.findById(id).orElseThrow(Submissions::unknown).sourceHash);
    }

    private static Problem unknown() {
        return Problem.notFound("There is no such submission.");
    }

    /** An attempt, by its number. */
    public record Attempt(long id, int attempt) {}

    /** A student's attempts, first to last. */
    public List<Attempt> attempts(long exercise, long student) {
        return submissions.findByExerciseIdAndStudentIdOrderByAttemptAsc(exercise, student).stream()
                .map(s -> new Attempt(s.id, s.attempt))
                .toList();
    }

    /** What a submission's check is doing; null when it does nothing. */
    public String progressOf(long id) {
        return desk.progressOf(id);
    }

    private HandedIn handedIn(Submission s) {
        Counted counted = s.currentRun == null
                ? new Counted(null, null)
                : transaction.execute(status -> runs.findById(s.currentRun)
                        .map(r -> new Counted(r.report, r.exerciseVersion))
                        .orElse(new Counted(null, null)));
        Optional<Exercises.Version> version =
                Optional.ofNullable(counted.version()).map(exercises::version);
        return new HandedIn(
                s.id,
                s.exerciseId,
                s.studentId,
                s.attempt,
                s.uploadedAt,
                HandedIn.State.valueOf(s.state.name()),
                desk.progressOf(s.id),
                s.failure,
                read(counted.report()).orElse(null),
                version.map(Exercises.Version::number).orElse(null),
                version.map(v -> v.settings().criteria()).orElse(List.of()));
    }

    /** The check that counts: its report as JSON and the version it was made with; both null where there is none. */
    private record Counted(String report, Long version) {}

    private static Optional<CheckReport> read(String json) {
        try {
            return json == null ? Optional.empty() : Optional.of(Json.mapper().readValue(json, CheckReport.class));
        } catch (JsonProcessingException e) {
            // a report of an older version that can no longer be read: the submission can be checked again
            return Optional.empty();
        }
    }
}
