package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.Received;
import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.InCourse;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.exercise.Manuscripts;
import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** What was handed in. Every attempt is kept. */
@Service
public class Submissions implements InCourse, Manuscripts.HandIns {

    /** Under what stands in the place of what was removed at its student's request. */
    public static final String REMOVED = "removed";

    /** Whether this is what is kept under a hash. */
    public static boolean isContentOf(String hash, byte[] bytes) {
        if (hash.equals(REMOVED)) {
            return bytes.length == 0;
        }
        try {
            return PackedSources.of(PackedSources.unpack(bytes)).hash().equals(hash);
        } catch (RuntimeException e) {
            return false;
        }
    }

    /** Puts submissions into the line that were written down as still to be checked. */
    public void lineUp(List<Long> ids) {
        desk.line(ids);
    }

    interface Repository extends JpaRepository<Submission, Long> {
        @Query("select s.id from Submission s where s.exerciseId = ?1 order by s.id")
        List<Long> idsOf(Long exerciseId);

        List<Submission> findByExerciseIdAndStudentIdOrderByAttemptAsc(Long exerciseId, Long studentId);

        @Query("select coalesce(max(s.attempt), 0) from Submission s where s.exerciseId = ?1 and s.studentId = ?2")
        int lastAttempt(Long exerciseId, Long studentId);

        /** The last attempt of everybody. */
        @Query("select s from Submission s where s.exerciseId = ?1 and s.attempt ="
                + " (select max(x.attempt) from Submission x where x.exerciseId = ?1 and x.studentId = s.studentId)")
        List<Submission> last(Long exerciseId);

        boolean existsByExerciseId(Long exerciseId);

        /** Those whose report is of another version, or that have none; what is being checked now is left out. */
        @Query("select s.id from Submission s left join CheckRun r on r.id = s.currentRun where s.exerciseId = ?1"
                + " and (r.exerciseVersion is null or r.exerciseVersion <> ?2)"
                + " and s.state in (hausaufgabe.server.submission.Submission.State.CHECKED,"
                + " hausaufgabe.server.submission.Submission.State.FAILED) order by s.id")
        List<Long> notCheckedWith(Long exerciseId, Long version);
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
    private final Extensions extensions;
    private final CheckDesk desk;
    private final Steps steps;
    private final Clock clock;
    private final TransactionTemplate transaction;

    Submissions(
            Repository submissions,
            RunRepository runs,
            SourceStore sources,
            Courses courses,
            Exercises exercises,
            Extensions extensions,
            CheckDesk desk,
            Steps steps,
            Clock clock,
            TransactionTemplate transaction) {
        this.submissions = submissions;
        this.runs = runs;
        this.sources = sources;
        this.courses = courses;
        this.exercises = exercises;
        this.extensions = extensions;
        this.desk = desk;
        this.steps = steps;
        this.clock = clock;
        this.transaction = transaction;
    }

    /**
     * Takes an upload for a student and has it checked.
     *
     * @param files one archive, or loose sources, by path
     * @throws Problem where the upload cannot be used; nothing is stored then
     */
    public HandedIn handIn(long exercise, long student, Map<String, byte[]> files, long by) {
        return handIn(exercise, student, files, by, Instant.now(clock));
    }

    /** Takes an upload that came at another time than now. */
    public HandedIn handIn(long exercise, long student, Map<String, byte[]> files, long by, Instant at) {
        Exercises.Version version = exercises.opened(exercise);
        Student who = courses.student(exercises.line(exercise).courseId(), student);
        admit(version, who.id(), at);
        Upload upload = receive(exercise, files).upload();
        Long id = numbered(exercise, who.id(), at, by, sources.keep(upload), version.settings(), made -> {});
        desk.line(List.of(id));
        return get(id);
    }

    /** @throws Problem where nothing is taken from a student yet, or no more */
    public void admit(Exercises.Version version, long student, Instant at) {
        admit(version, extensions.of(version.exerciseId(), student), at);
        next(version.exerciseId(), student, submissions.lastAttempt(version.exerciseId(), student), version.settings());
    }

    private static void admit(Exercises.Version version, @Nullable Instant extended, Instant at) {
        version.settings().opening().filter(o -> at.isBefore(o.toInstant())).ifPresent(o -> {
            throw Problem.conflict("This exercise opens on " + MOMENT.format(o) + ". Nothing was stored.");
        });
        version.closesFor(extended).filter(c -> at.isAfter(c.toInstant())).ifPresent(c -> {
            throw Problem.conflict("This exercise closed on " + MOMENT.format(c)
                    + ". Its lead can set another time, for all or for one. Nothing was stored.");
        });
    }

    /**
     * A push that is to be an attempt.
     *
     * @param files of the commit, by path
     * @param on the commits on the way with their files, the oldest first; empty where they are not looked at
     */
    public record Pushed(Commit commit, Map<String, byte[]> files, List<Passed> on) {}

    /**
     * A commit on the way.
     *
     * @param hash by what its sources are known in the records; null where they could not be read
     * @param problem why they could not; null where they could
     */
    public record Passed(
            Commit commit, @Nullable String hash, @Nullable String problem) {}

    /**
     * Whether these are just the sources of a student's last attempt.
     *
     * @throws Problem where they cannot be used
     */
    public boolean isLast(long exercise, long student, Map<String, byte[]> files) {
        String hash = hash(receive(exercise, files).upload());
        return last(exercise, student).filter(s -> s.sourceHash.equals(hash)).isPresent();
    }

    /** Keeps the sources of a commit on the way, one at a time, since all of them together may be much. */
    public Passed passed(long exercise, Commit commit, Map<String, byte[]> files) {
        try {
            return new Passed(
                    commit, sources.keep(archiveOf(exercise).receive(files).upload()), null);
        } catch (ArchiveException e) {
            return new Passed(commit, null, e.getMessage());
        }
    }

    /**
     * Takes what was pushed and has it checked.
     *
     * @throws Problem where it cannot be used; no attempt is made then
     */
    public HandedIn push(long exercise, long student, Pushed pushed, long by) {
        Exercises.Version version = exercises.opened(exercise);
        Instant now = Instant.now(clock);
        admit(version, student, now);
        String hash = sources.keep(receive(exercise, pushed.files()).upload());
        Long id = numbered(exercise, student, now, by, hash, version.settings(), made -> steps.write(made, pushed));
        desk.line(List.of(id));
        steps.goOn();
        return get(id);
    }

    /** Two hand-ins for one student at the same moment become two attempts. */
    private Long numbered(
            long exercise,
            long student,
            Instant at,
            long by,
            String hash,
            ExerciseSettings settings,
            LongConsumer also) {
        for (int tried = 0; tried < TRIES; tried++) {
            try {
                return transaction.execute(status -> {
                    Long made = one(exercise, student, at, by, hash, settings);
                    also.accept(made);
                    return made;
                });
            } catch (DataIntegrityViolationException taken) {
                // another attempt has this number now
            }
        }
        throw Problem.conflict(
                "Much is handed in for this student at this moment. Nothing was stored; hand it in again.");
    }

    /** Writes down an attempt with the number that follows the last; belongs to a transaction. */
    private Long one(long exercise, long student, Instant at, long by, String hash, ExerciseSettings settings) {
        int attempt = next(exercise, student, submissions.lastAttempt(exercise, student), settings);
        Long id = submissions.saveAndFlush(new Submission(exercise, student, attempt, at, by, hash)).id;
        desk.write(List.of(id), false);
        return id;
    }

    /** The number that follows the last, where the exercise allows one more. */
    private int next(long exercise, long student, int last, ExerciseSettings settings) {
        int most = settings.attempts().most();
        if (most > 0 && last >= most) {
            throw Problem.conflict("The exercise allows " + most + (most == 1 ? " attempt" : " attempts") + ", and "
                    + courses.student(exercises.line(exercise).courseId(), student)
                            .name() + " has made "
                    + (most == 1 ? "it" : "them") + ". Nothing was stored.");
        }
        return last + 1;
    }

    /** Something that was read before, and whose it is. */
    record Kept(long student, String hash) {}

    /**
     * Takes several at once, all of them or none, and has them checked.
     *
     * @param also done in the same transaction
     * @return the submissions, in the same order; null in place of what a student had handed in last already
     */
    List<Long> handIn(long exercise, List<Kept> all, long by, Instant at, Runnable also) {
        Exercises.Version version = exercises.opened(exercise);
        List<Long> taken = new ArrayList<>();
        try {
            transaction.executeWithoutResult(status -> {
                // what is asked of the records is asked once for all: every question has what was made before written
                // first
                Map<Long, Instant> extended = extensions.byStudent(exercise);
                Map<Long, Submission> last = submissions.last(exercise).stream()
                        .collect(Collectors.toMap(s -> s.studentId, Function.identity()));
                List<Submission> made = new ArrayList<>();
                for (Kept k : all) {
                    admit(version, extended.get(k.student()), at);
                    Submission before = last.get(k.student());
                    boolean again = before != null && before.sourceHash.equals(k.hash());
                    int attempt = again
                            ? 0
                            : next(exercise, k.student(), before == null ? 0 : before.attempt, version.settings());
                    Submission s = again ? null : new Submission(exercise, k.student(), attempt, at, by, k.hash());
                    made.add(s);
                    if (s != null) {
                        last.put(k.student(), s);
                    }
                }
                submissions.saveAllAndFlush(
                        made.stream().filter(Objects::nonNull).toList());
                made.forEach(s -> taken.add(s == null ? null : s.id));
                desk.write(taken.stream().filter(Objects::nonNull).toList(), false);
                also.run();
            });
        } catch (DataIntegrityViolationException e) {
            throw Problem.conflict("Somebody else hands in for one of these students at this moment. Nothing was"
                    + " stored; try again.");
        }
        desk.line(taken.stream().filter(Objects::nonNull).toList());
        return taken;
    }

    private Optional<Submission> last(long exercise, long student) {
        List<Submission> all = submissions.findByExerciseIdAndStudentIdOrderByAttemptAsc(exercise, student);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /**
     * What is in an upload; nothing is stored.
     *
     * @param files one archive, or loose sources, by path
     * @throws Problem where it cannot be used
     */
    public Received receive(long exercise, Map<String, byte[]> files) {
        try {
            return archiveOf(exercise).receive(files);
        } catch (ArchiveException e) {
            throw Problem.badRequest(e.getMessage() + " Nothing was stored.");
        }
    }

    /** What is read of an upload: sources in the languages that the exercise takes. */
    private Archive archiveOf(long exercise) {
        return new Archive(SourceFiles.of(exercises.opened(exercise).settings().languages()), ArchiveLimits.USUAL);
    }

    /** By what an upload is known in the records. */
    public static String hash(Upload upload) {
        return PackedSources.of(upload).hash();
    }

    /** An attempt with what a receipt says of it. */
    public record Receipt(
            long id, int attempt, Instant uploadedAt, String hash, long uploadedBy, HandedIn.State state) {}

    /** What somebody handed in, first to last. */
    public List<Receipt> receipts(long exercise, long student) {
        return submissions.findByExerciseIdAndStudentIdOrderByAttemptAsc(exercise, student).stream()
                .map(s -> new Receipt(
                        s.id,
                        s.attempt,
                        s.uploadedAt,
                        s.sourceHash,
                        s.uploadedBy,
                        HandedIn.State.valueOf(s.state.name())))
                .toList();
    }

    /** Has a submission checked again, by the exercise as it is now. What people decided stays. */
    public HandedIn checkAgain(long id) {
        HandedIn s = get(id);
        if (s.state() == HandedIn.State.QUEUED || s.state() == HandedIn.State.RUNNING) {
            throw Problem.conflict("It is being checked already.");
        }
        desk.check(List.of(id), true);
        steps.again(List.of(id));
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
        desk.check(all, false);
        steps.again(all);
        return all.size();
    }

    /**
     * Has some of what was handed in for an exercise checked again; what is being checked already is left to that.
     *
     * @return how many are checked
     * @throws Problem where one of them is none of this exercise
     */
    public int checkSomeAgain(long exercise, Collection<Long> ids) {
        List<Submission> some = submissions.findAllById(ids);
        if (some.size() < Set.copyOf(ids).size() || some.stream().anyMatch(s -> s.exerciseId != exercise)) {
            throw Problem.notFound("One of these was not handed in for this exercise. Nothing is checked again.");
        }
        List<Long> idle = some.stream()
                .filter(s -> s.state == Submission.State.CHECKED || s.state == Submission.State.FAILED)
                .map(s -> s.id)
                .toList();
        desk.check(idle, true);
        steps.again(idle);
        return idle.size();
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

    @Override
    public Optional<String> groupOf(long number) {
        return submissions
                .findById(number)
                .map(s -> courses.student(exercises.courseOf(s.exerciseId).orElseThrow(), s.studentId)
                        .group());
    }

    /** Every attempt of every student, by its number. */
    public List<Long> idsOf(long exercise) {
        return submissions.idsOf(exercise);
    }

    /** @throws Problem where there is no such submission */
    public HandedIn get(long id) {
        return submissions.findById(id).map(this::handedIn).orElseThrow(Submissions::unknown);
    }

    /** Somebody has opened it: if its check waits, it is next. */
    public void lookAt(long id) {
        desk.lookAt(id);
    }

    /** Its sources and what was noticed in reading them. */
    public Upload sources(long id) {
        return sources.load(submissions.findById(id).orElseThrow(Submissions::unknown).sourceHash);
    }

    /**
     * A file's text, at most {@value SourcePiece#LINES} lines of it.
     *
     * @param from the first line wanted, from 1
     * @throws Problem where the submission has no such file
     */
    public SourcePiece piece(long id, String path, int from) {
        SourceFile file = sources(id).sources().stream()
                .filter(f -> f.path().equals(path))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("This submission has no such file."));
        List<String> lines = file.text().lines().toList();
        int first = Math.max(1, Math.min(from, Math.max(1, lines.size())));
        List<String> piece =
                lines.subList(Math.min(first - 1, lines.size()), Math.min(first - 1 + SourcePiece.LINES, lines.size()));
        return new SourcePiece(path, first, lines.size(), String.join("\n", piece));
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
