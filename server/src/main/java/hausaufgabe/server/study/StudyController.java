package hausaufgabe.server.study;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.checking.archive.LeftOut;
import hausaufgabe.checking.archive.Received;
import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Downloads;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.exercise.PatternView;
import hausaufgabe.server.exercise.Pictures;
import hausaufgabe.server.git.GitAddress;
import hausaufgabe.server.review.Returns;
import hausaufgabe.server.review.SecondMarks;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.PushView;
import hausaufgabe.server.submission.SourcePiece;
import hausaufgabe.server.submission.Steps;
import hausaufgabe.server.submission.Submissions;
import hausaufgabe.server.submission.Uploads;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** What a student sees and does; always only what is theirs. */
@RestController
class StudyController {

    /** Seconds that are waited for a reader to say what an upload declares. */
    private static final int PATIENCE = 8;
    /** Attempts of one student at one exercise that may wait for their checks. */
    private static final int WAITING = 3;

    private final Courses courses;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Submissions submissions;
    private final Steps steps;
    private final Returns returns;
    private final SecondMarks second;
    private final CheckDispatcher checkers;
    private final Clock clock;

    StudyController(
            Courses courses,
            Exercises exercises,
            Extensions extensions,
            Submissions submissions,
            Steps steps,
            Returns returns,
            SecondMarks second,
            CheckDispatcher checkers,
            Clock clock) {
        this.courses = courses;
        this.exercises = exercises;
        this.extensions = extensions;
        this.submissions = submissions;
        this.steps = steps;
        this.returns = returns;
        this.second = second;
        this.checkers = checkers;
        this.clock = clock;
    }

    /**
     * An attempt of one's own.
     *
     * @param progress what its check is doing; null when it does nothing
     * @param hash by what it is known in the records
     * @param counts whether it is the one that counts; null as long as that is not known
     * @param bySomebodyElse whether staff handed it in
     */
    record OwnAttempt(
            long id,
            int attempt,
            Instant uploadedAt,
            boolean late,
            HandedIn.State state,
            @Nullable String progress,
            String hash,
            @Nullable Boolean counts,
            boolean bySomebodyElse) {}

    /**
     * Until when and how often one may hand in.
     *
     * @param extended whether {@code dueAt} is one's own and not that of all
     * @param attemptsLeft null for any number
     * @param open whether something is taken at this moment
     */
    record OwnTerms(
            String zone,
            @Nullable Instant opensAt,
            @Nullable Instant dueAt,
            boolean extended,
            @Nullable Instant closesAt,
            int graceMinutes,
            double pointsPerDay,
            double percentPerDay,
            ExerciseSettings.Counting countsAttempt,
            @Nullable Integer attemptsLeft,
            boolean open) {}

    /** @param last null where nothing was handed in */
    record OwnExercise(
            long id,
            Courses.Heading course,
            int number,
            String title,
            OwnTerms terms,
            int attempts,
            @Nullable OwnAttempt last) {}

    /**
     * @param starter whether there is code to begin with
     * @param repository the path at this server by which git finds one's own repository
     * @param steps whether it is to be solved in small steps
     */
    record OwnExerciseView(
            long id,
            Courses.Heading course,
            int number,
            String title,
            String brief,
            List<PatternView> patterns,
            OwnTerms terms,
            ExerciseSettings.Shown shows,
            boolean starter,
            String repository,
            boolean steps,
            List<String> endings,
            List<OwnAttempt> attempts) {}

    /**
     * What is in an upload before it counts.
     *
     * @param hash to be sent with the same files to hand them in
     * @param types null where they could not be read in time
     * @param again number of the attempt that was just this already; null where there is none
     */
    record Preview(
            String hash,
            List<OwnFile> files,
            List<LeftOut> leftOut,
            List<CheckReport.Diagnostic> remarks,
            @Nullable ProgramOutline types,
            boolean late,
            @Nullable Integer again) {}

    record OwnFile(String path, int lines) {}

    /**
     * @param findings null as long as there is no report, or nothing of it is shown
     * @param returned what people made of it; null until it is given back
     */
    record OwnAttemptView(
            OwnAttempt attempt,
            long exerciseId,
            int number,
            String title,
            Courses.Heading course,
            String student,
            List<OwnFile> files,
            ExerciseSettings.Shown shows,
            @Nullable Findings findings,
            Returns.@Nullable ReturnedWork returned) {}

    /** The exercises of all one's courses that are open, or were. */
    @GetMapping("/api/mine")
    List<OwnExercise> all(@AuthenticationPrincipal Person person) {
        List<OwnExercise> all = new ArrayList<>();
        for (Map.Entry<Courses.Heading, Student> c : courses.studiedBy(person).entrySet()) {
            for (Exercises.Line e : exercises.ofCourse(c.getKey().id())) {
                Exercises.Version v = e.version() == null ? null : exercises.version(e.version());
                if (v != null && hasOpened(v)) {
                    List<OwnAttempt> attempts = attempts(v, c.getValue(), person);
                    all.add(new OwnExercise(
                            e.id(),
                            c.getKey(),
                            e.number(),
                            v.settings().title(),
                            terms(v, c.getValue(), attempts.size()),
                            attempts.size(),
                            attempts.isEmpty() ? null : attempts.get(attempts.size() - 1)));
                }
            }
        }
        return all;
    }

    private boolean hasOpened(Exercises.Version v) {
        return v.settings()
                .opening()
                .map(o -> !Instant.now(clock).isBefore(o.toInstant()))
                .orElse(true);
    }

    /** An exercise that one may see, and who one is in its course. */
    private record Seen(Exercises.Line line, Exercises.Version version, Student student) {}

    private Seen seen(long exercise, Person person) {
        Exercises.Line line = exercises.line(exercise);
        Student student = courses.studying(person, line.courseId());
        Exercises.Version version = exercises
                .inForce(exercise)
                .filter(this::hasOpened)
                .orElseThrow(() -> Problem.notFound("This exercise is not open yet."));
        return new Seen(line, version, student);
    }

    private OwnTerms terms(Exercises.Version v, Student student, int attempts) {
        Instant extended = extensions.of(v.exerciseId(), student.id());
        ExerciseSettings s = v.settings();
        Instant due = v.dueFor(extended).map(ZonedDateTime::toInstant).orElse(null);
        Instant closes = v.closesFor(extended).map(ZonedDateTime::toInstant).orElse(null);
        int most = s.attempts().most();
        boolean open = (closes == null || !Instant.now(clock).isAfter(closes)) && (most == 0 || attempts < most);
        return new OwnTerms(
                s.zone().getId(),
                s.opening().map(ZonedDateTime::toInstant).orElse(null),
                due,
                extended != null && due != null && !v.dueAt().equals(Optional.of(due)),
                closes,
                s.late().graceMinutes(),
                s.late().pointsPerDay().doubleValue(),
                s.late().percentPerDay().doubleValue(),
                s.attempts().counts(),
                most == 0 ? null : Math.max(0, most - attempts),
                open);
    }

    private List<OwnAttempt> attempts(Exercises.Version v, Student student, Person person) {
        List<Submissions.Receipt> all = submissions.receipts(v.exerciseId(), student.id());
        return all.stream().map(r -> own(v, student, r, all.size(), person)).toList();
    }

    private OwnAttempt own(Exercises.Version v, Student student, Submissions.Receipt r, int of, Person person) {
        Boolean counts = switch (v.settings().attempts().counts()) {
            case LAST -> r.attempt() == of;
            case FIRST -> r.attempt() == 1;
            case BEST -> of == 1 ? Boolean.TRUE : null;
        };
        return new OwnAttempt(
                r.id(),
                r.attempt(),
                r.uploadedAt(),
                v.isLate(r.uploadedAt(), extensions.of(v.exerciseId(), student.id())),
                r.state(),
                submissions.progressOf(r.id()),
                r.hash(),
                counts,
                r.uploadedBy() != person.id());
    }

    /** An exercise as a student sees it. */
    @GetMapping("/api/exercises/{id}/mine")
    OwnExerciseView one(@PathVariable long id, @AuthenticationPrincipal Person person) {
        Seen seen = seen(id, person);
        Exercises.Version v = seen.version();
        List<OwnAttempt> attempts = attempts(v, seen.student(), person);
        return new OwnExerciseView(
                id,
                courses.heading(seen.line().courseId()),
                seen.line().number(),
                v.settings().title(),
                v.folder().brief(),
                PatternView.rolesOf(v.patterns()),
                terms(v, seen.student(), attempts.size()),
                v.settings().shows(),
                !v.folder().starter().isEmpty(),
                new GitAddress(id, seen.student().id()).path(),
                v.settings().attempts().steps(),
                SourceFiles.of(v.settings().languages()).endings(),
                attempts);
    }

    /** The code to begin with, as a zip. */
    @GetMapping("/api/exercises/{id}/mine/starter.zip")
    ResponseEntity<byte[]> starter(@PathVariable long id, @AuthenticationPrincipal Person person) {
        Seen seen = seen(id, person);
        byte[] zip = ExerciseFiles.packStarter(seen.version().folder());
        return Downloads.named(seen.version().settings().title() + ".zip")
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(zip);
    }

    /** A picture of the brief. */
    @GetMapping("/api/exercises/{id}/mine/picture")
    ResponseEntity<byte[]> picture(
            @PathVariable long id, @RequestParam String path, @AuthenticationPrincipal Person person) {
        return Pictures.of(seen(id, person).version().folder(), path);
    }

    /** Says what is in an upload; nothing is stored. */
    @PostMapping(path = "/api/exercises/{id}/mine/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Preview preview(
            @PathVariable long id,
            @RequestParam("files") List<MultipartFile> files,
            @AuthenticationPrincipal Person person)
            throws IOException {
        Seen seen = seen(id, person);
        submissions.admit(seen.version(), seen.student().id(), Instant.now(clock));
        Received received = submissions.receive(id, Uploads.byPath(files, Uploads.ONE));
        String hash = Submissions.hash(received.upload());
        List<Submissions.Receipt> before =
                submissions.receipts(id, seen.student().id());
        Submissions.Receipt last = before.isEmpty() ? null : before.get(before.size() - 1);
        return new Preview(
                hash,
                received.upload().sources().stream()
                        .map(f -> new OwnFile(f.path(), (int) f.text().lines().count()))
                        .toList(),
                received.leftOut(),
                received.upload().remarks(),
                outline(received),
                seen.version()
                        .isLate(
                                Instant.now(clock),
                                extensions.of(id, seen.student().id())),
                last != null && last.hash().equals(hash) ? last.attempt() : null);
    }

    private @Nullable ProgramOutline outline(Received received) {
        try {
            return checkers.outline(received.upload().sources()).get(PATIENCE, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return null;
        } catch (TimeoutException e) {
            return null;
        } catch (ExecutionException e) {
            if (e.getCause() instanceof CheckFailed failed) {
                return new ProgramOutline(List.of(), List.of(new CheckReport.Diagnostic("", 0, failed.getMessage())));
            }
            throw new IllegalStateException(e.getCause());
        }
    }

    /**
     * Hands in. Just what was handed in last already is no further attempt; its receipt is given once more.
     *
     * @param hash what the preview said; left out where there was none
     */
    @PostMapping(path = "/api/exercises/{id}/mine", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    OwnAttempt handIn(
            @PathVariable long id,
            @RequestParam("files") List<MultipartFile> files,
            @RequestParam(required = false) @Nullable String hash,
            @AuthenticationPrincipal Person person)
            throws IOException {
        Seen seen = seen(id, person);
        Map<String, byte[]> byPath = Uploads.byPath(files, Uploads.ONE);
        String read = Submissions.hash(submissions.receive(id, byPath).upload());
        if (hash != null && !hash.equals(read)) {
            throw Problem.outdated("The files have changed since they were looked at. Nothing was stored; look again.");
        }
        List<OwnAttempt> before = attempts(seen.version(), seen.student(), person);
        if (!before.isEmpty() && before.get(before.size() - 1).hash().equals(read)) {
            return before.get(before.size() - 1);
        }
        long waiting = before.stream()
                .filter(a -> a.state() == HandedIn.State.QUEUED || a.state() == HandedIn.State.RUNNING)
                .count();
        if (waiting >= WAITING) {
            throw Problem.tooMany("Your last " + WAITING
                    + " attempts are still being checked. Nothing was stored; hand in again once that is done.");
        }
        long taken =
                submissions.handIn(id, seen.student().id(), byPath, person.id()).id();
        return attempts(seen.version(), seen.student(), person).stream()
                .filter(a -> a.id() == taken)
                .findFirst()
                .orElseThrow();
    }

    /** @throws Problem where it is not their own */
    HandedIn own(long id, Person person) {
        HandedIn s = submissions.get(id);
        seenAttempt(s, person);
        return s;
    }

    private Seen seenAttempt(HandedIn s, Person person) {
        Seen seen = seen(s.exerciseId(), person);
        if (seen.student().id() != s.studentId()) {
            throw Problem.notFound("There is no such submission.");
        }
        return seen;
    }

    /** One attempt: the receipt, and what was found as far as it is shown. */
    @GetMapping("/api/submissions/{id}/mine")
    OwnAttemptView attempt(@PathVariable long id, @AuthenticationPrincipal Person person) {
        HandedIn s = submissions.get(id);
        Seen seen = seenAttempt(s, person);
        submissions.lookAt(id);
        return view(s, seen, returns.of(s), person);
    }

    /** What the student of a submission would see if it were returned now, for the staff. */
    @GetMapping("/api/submissions/{id}/as-student")
    OwnAttemptView asStudent(@PathVariable long id, @AuthenticationPrincipal Person person) {
        HandedIn s = submissions.get(id);
        if (second.hidden(person).contains(id)) {
            throw Problem.conflict("You read this a second time, so that what its student gets is kept from you until"
                    + " you are done.");
        }
        Exercises.Line line = exercises.line(s.exerciseId());
        Seen seen = new Seen(line, exercises.opened(s.exerciseId()), courses.student(line.courseId(), s.studentId()));
        return view(s, seen, Optional.of(returns.outlook(s, Instant.now(clock))), person);
    }

    private OwnAttemptView view(HandedIn s, Seen seen, Optional<Returns.ReturnedWork> returned, Person person) {
        long id = s.id();
        ExerciseSettings.Shown shows = seen.version().settings().shows();
        return new OwnAttemptView(
                attempts(seen.version(), seen.student(), person).stream()
                        .filter(a -> a.id() == id)
                        .findFirst()
                        .orElseThrow(),
                s.exerciseId(),
                seen.line().number(),
                seen.version().settings().title(),
                courses.heading(seen.line().courseId()),
                seen.student().name(),
                submissions.sources(id).sources().stream()
                        .map(f -> new OwnFile(f.path(), (int) f.text().lines().count()))
                        .toList(),
                shows,
                s.report().map(r -> Findings.of(r, shows, returned.isPresent())).orElse(null),
                returned.orElse(null));
    }

    /** How an attempt of one's own came by git, and the steps on the way, as far as the exercise shows them. */
    @GetMapping("/api/submissions/{id}/mine/push")
    PushView push(@PathVariable long id, @AuthenticationPrincipal Person person) {
        Seen seen = seenAttempt(submissions.get(id), person);
        return steps.of(id).shown(seen.version().settings().shows());
    }

    /** Lines of a file of one's own. */
    @GetMapping("/api/submissions/{id}/mine/source")
    ResponseEntity<SourcePiece> source(
            @PathVariable long id,
            @RequestParam String path,
            @RequestParam(defaultValue = "1") int from,
            @AuthenticationPrincipal Person person) {
        seenAttempt(submissions.get(id), person);
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(1, TimeUnit.HOURS).cachePrivate().immutable())
                .body(submissions.piece(id, path, from));
    }
}
