package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** What was handed in. Every attempt is kept. */
@Service
public class Submissions {

    interface Repository extends JpaRepository<Submission, Long> {
        List<Submission> findByExerciseIdAndStudentIdOrderByAttemptAsc(Long exerciseId, Long studentId);

        @Query("select coalesce(max(s.attempt), 0) from Submission s where s.exerciseId = ?1 and s.studentId = ?2")
        int lastAttempt(Long exerciseId, Long studentId);

        @Query("select s.id from Submission s where s.state in (hausaufgabe.server.submission.Submission.State.QUEUED, "
                + "hausaufgabe.server.submission.Submission.State.RUNNING) order by s.id")
        List<Long> unfinished();
    }

    interface RunRepository extends JpaRepository<CheckRun, Long> {}

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
        Exercises.Setting setting = exercises.get(exercise);
        Student who = courses.student(student);
        Upload upload = read(files);
        Long id = numbered(setting.id(), who.id(), at, by, sources.keep(upload));
        desk.check(id, false);
        return get(id);
    }

    /** Two hand-ins for one student at the same moment become two attempts. */
    private Long numbered(long exercise, long student, Instant at, long by, String hash) {
        for (int tried = 0; tried < TRIES; tried++) {
            try {
                return transaction.execute(status -> submissions.saveAndFlush(new Submission(
                                exercise, student, submissions.lastAttempt(exercise, student) + 1, at, by, hash))
                        .id);
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
        return new HandedIn(
                s.id,
                s.exerciseId,
                s.studentId,
                s.attempt,
                s.uploadedAt,
                HandedIn.State.valueOf(s.state.name()),
                desk.progressOf(s.id),
                s.failure,
                report(s).orElse(null));
    }

    private Optional<CheckReport> report(Submission s) {
        if (s.currentRun == null) {
            return Optional.empty();
        }
        String json = transaction.execute(
                status -> runs.findById(s.currentRun).map(r -> r.report).orElse(null));
        try {
            return json == null ? Optional.empty() : Optional.of(Json.mapper().readValue(json, CheckReport.class));
        } catch (JsonProcessingException e) {
            // a report of an older version that can no longer be read: the submission can be checked again
            return Optional.empty();
        }
    }
}
