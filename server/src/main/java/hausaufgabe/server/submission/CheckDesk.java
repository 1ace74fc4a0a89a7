package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.exercise.Exercises;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The queue of checks. What is to be checked stands in the records and goes from there in one transaction with its result, so
 * that a stop at any moment loses nothing and writes nothing down twice. From the line it goes to the dispatcher a few at a
 * time, so that what has become more urgent need not wait for all that was there before.
 */
@Component
class CheckDesk {

    private static final Logger LOG = LoggerFactory.getLogger(CheckDesk.class);

    private static final int LONGEST = 2_000;
    /** How often a check is begun at most; each time before, the server was killed while it was made. */
    private static final int TRIES = 5;
    /**
     * How many checks the dispatcher has for each that it makes: some more, so that no checker waits for the next while short
     * ones are written down.
     */
    private static final int AHEAD = 3;
    /** Over which time the rate of checks is told. */
    private static final Duration WINDOW = Duration.ofMinutes(3);

    interface JobRepository extends JpaRepository<Job, Long> {
        @Query("select j.submissionId as submission, s.exerciseId as exercise, s.studentId as student,"
                + " s.attempt as attempt from Job j join Submission s on s.id = j.submissionId order by j.tries,"
                + " j.queuedAt, j.submissionId")
        List<Open> open();

        /** A job as the line needs it. */
        interface Open {
            long getSubmission();

            long getExercise();

            long getStudent();

            int getAttempt();
        }
    }

    private final Submissions.Repository submissions;
    private final Submissions.RunRepository runs;
    private final JobRepository jobs;
    private final Bindings.Repository bindings;
    private final SourceStore sources;
    private final Exercises exercises;
    private final CheckDispatcher dispatcher;
    private final News news;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final CheckRequest.Isolation isolation;
    private final Executor desk;

    private final WaitingLine line = new WaitingLine();
    private final Map<Long, Long> begun = new HashMap<>();
    private final Map<Long, String> progress = new ConcurrentHashMap<>();
    private final Deque<Instant> ended = new ArrayDeque<>();
    private final AtomicInteger asked = new AtomicInteger();
    private volatile boolean stopped;

    CheckDesk(
            Submissions.Repository submissions,
            Submissions.RunRepository runs,
            JobRepository jobs,
            Bindings.Repository bindings,
            SourceStore sources,
            Exercises exercises,
            CheckDispatcher dispatcher,
            News news,
            Clock clock,
            TransactionTemplate transaction,
            @Qualifier("deskWork") Executor desk,
            @Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.submissions = submissions;
        this.runs = runs;
        this.jobs = jobs;
        this.bindings = bindings;
        this.sources = sources;
        this.exercises = exercises;
        this.dispatcher = dispatcher;
        this.news = news;
        this.clock = clock;
        this.transaction = transaction;
        this.desk = desk;
        this.isolation = isolation;
    }

    /** What was still to be checked when the server last stopped is checked now. */
    @EventListener(ApplicationReadyEvent.class)
    void resume() {
        List<JobRepository.Open> open = jobs.open();
        synchronized (this) {
            exercises.paused().forEach(e -> line.pause(e, true));
            open.forEach(o -> line.add(
                    new WaitingLine.Waiting(o.getSubmission(), o.getExercise(), o.getStudent(), o.getAttempt())));
        }
        open.forEach(o -> progress.put(o.getSubmission(), "Waiting for its turn"));
        goOn();
    }

    /** What a submission's check is doing; null where there is none. */
    @Nullable
    String progressOf(long id) {
        return progress.get(id);
    }

    /** Writes down that submissions are to be checked; belongs to the transaction of whoever hands in. */
    void write(Collection<Long> ids, boolean anew) {
        Instant now = Instant.now(clock);
        for (Long id : ids) {
            Submission s = submissions.findById(id).orElseThrow();
            s.state = Submission.State.QUEUED;
            s.failure = null;
            submissions.save(s);
            jobs.save(new Job(id, now, anew));
        }
    }

    /** Puts what was written down into the line. */
    void line(Collection<Long> ids) {
        for (Submission s : submissions.findAllById(ids)) {
            progress.put(s.id, "Waiting for its turn");
            synchronized (this) {
                line.add(new WaitingLine.Waiting(s.id, s.exerciseId, s.studentId, s.attempt));
            }
            tell(s);
        }
        goOn();
    }

    /** Has submissions checked that are there already. */
    void check(Collection<Long> ids, boolean anew) {
        transaction.executeWithoutResult(
                status -> write(ids.stream().filter(id -> !jobs.existsById(id)).toList(), anew));
        line(ids);
    }

    /** How many wait for their turn. */
    synchronized int waiting() {
        return line.size();
    }

    /** How many are being checked, or wait at a machine for that. */
    synchronized int running() {
        return begun.size();
    }

    /** Somebody has opened this one: if it waits, it is next. */
    void lookAt(long id) {
        synchronized (this) {
            line.lookAt(id);
        }
    }

    /** Begins what there is room for, by and by. */
    private void goOn() {
        // whoever is at it already sees that there is more
        if (!stopped && asked.getAndIncrement() == 0) {
            atDesk(() -> {
                int seen;
                do {
                    seen = asked.get();
                    for (Optional<Long> next = next(); next.isPresent(); next = next()) {
                        begin(next.get());
                    }
                } while (asked.addAndGet(-seen) > 0);
            });
        }
    }

    private synchronized Optional<Long> next() {
        if (stopped || begun.size() >= AHEAD * dispatcher.capacity()) {
            return Optional.empty();
        }
        return line.next().map(w -> {
            begun.put(w.submission(), w.exercise());
            return w.submission();
        });
    }

    /** Begins a check. What keeps that from beginning is told as the check's failure. */
    private void begin(long id) {
        Exercises.Version version = null;
        try {
            Job job = transaction.execute(status -> {
                Job j = jobs.findById(id).orElse(null);
                if (j != null) {
                    j.tries++;
                    jobs.save(j);
                }
                return j;
            });
            if (job == null) {
                release(id);
                return;
            }
            if (job.tries > TRIES) {
                throw new CheckFailed("The server stopped " + TRIES
                        + " times while this was being checked, so it was set aside. Have it checked again by itself.");
            }
            Submission s = change(id, x -> x.state = Submission.State.RUNNING);
            tell(s);
            Exercises.Version with = exercises.opened(s.exerciseId);
            version = with;
            CheckRequest request = with.check(sources.load(s.sourceHash), isolation)
                    .pinned(pins(id))
                    .again(job.anew);
            // what it came to is written down at the desk, so that the checker goes on at once
            dispatcher
                    .submit(request, step -> step(s, step))
                    .whenComplete((report, failure) -> atDesk(() -> {
                        try {
                            end(id, with, report, failure);
                        } catch (RuntimeException e) {
                            // it is still in the records, and is tried again at the next start
                            LOG.error("the result of submission {} could not be stored", id, e);
                            release(id);
                        }
                    }));
        } catch (RuntimeException e) {
            if (!(e instanceof CheckFailed)) {
                LOG.error("the check of submission {} could not begin", id, e);
            }
            end(id, version, null, e);
        }
    }

    /** Roles that a person has given. */
    private Map<String, List<String>> pins(long id) {
        return Objects.requireNonNull(transaction.execute(status ->
                bindings.findById(id).map(b -> Bindings.roles(b.roles)).orElse(Map.of())));
    }

    private void atDesk(Runnable work) {
        try {
            desk.execute(work);
        } catch (RejectedExecutionException e) {
            // the server stops: what is in the records is gone on with at the next start
            stopped = true;
        }
    }

    private void step(Submission s, String step) {
        progress.put(s.id, step);
        tell(s);
    }

    private void release(long id) {
        synchronized (this) {
            begun.remove(id);
        }
        progress.remove(id);
        goOn();
    }

    /** @param version it was checked with; null where the check could not begin */
    private void end(
            long id, Exercises.@Nullable Version version, @Nullable CheckReport report, @Nullable Throwable failure) {
        if (failure != null && isOurStop(failure)) {
            // the job stays in the records for the next start
            stopped = true;
            return;
        }
        String why = report == null ? said(failure) : null;
        Submission s = transaction.execute(status -> {
            if (!jobs.existsById(id)) {
                // it was called off meanwhile
                return null;
            }
            jobs.deleteById(id);
            Submission x = submissions.findById(id).orElseThrow();
            CheckRun run = report == null
                    ? new CheckRun(id, Instant.now(clock), why)
                    : new CheckRun(
                            id,
                            version.id(),
                            Instant.now(clock),
                            write(report),
                            Summary.of(report, version.settings().criteria()));
            Long made = runs.save(run).id;
            // a check that breaks takes nothing away: the report that was there still counts
            x.state = report == null ? Submission.State.FAILED : Submission.State.CHECKED;
            x.failure = why;
            x.currentRun = report == null ? x.currentRun : made;
            return submissions.save(x);
        });
        synchronized (this) {
            ended.addLast(Instant.now(clock));
        }
        release(id);
        if (s != null) {
            tell(s);
        }
        boolean over;
        synchronized (this) {
            over = line.size() + begun.size() == 0;
        }
        if (over) {
            LOG.info("all checks are done");
        }
    }

    private static Throwable causeOf(Throwable failure) {
        return failure instanceof CompletionException ? failure.getCause() : failure;
    }

    /** Whether the check did not break and was stopped with the server. */
    private static boolean isOurStop(Throwable failure) {
        return causeOf(failure) instanceof CheckFailed f && f.isStop();
    }

    private static String said(Throwable failure) {
        Throwable cause = causeOf(failure);
        if (cause instanceof CheckFailed || cause instanceof Problem) {
            String message = cause.getMessage();
            return message.length() <= LONGEST ? message : message.substring(0, LONGEST - 1) + "…";
        }
        LOG.error("a check failed", cause);
        return "Something of ours failed. Have it checked again; if that does not help, tell the lead.";
    }

    private static String write(CheckReport report) {
        try {
            return Json.mapper().writeValueAsString(report);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private Submission change(long id, java.util.function.Consumer<Submission> change) {
        return transaction.execute(status -> {
            Submission s = submissions.findById(id).orElseThrow();
            change.accept(s);
            return submissions.save(s);
        });
    }

    private void tell(Submission s) {
        news.tell(new NewsItem.Progress(
                s.exerciseId, s.id, s.studentId, HandedIn.State.valueOf(s.state.name()), progress.get(s.id)));
    }

    /**
     * How far the checks of an exercise are.
     *
     * @param elsewhere how many of other exercises wait or are being checked
     * @param perMinute checks that ended in a minute of late, of all exercises; null where none did
     * @param secondsLeft until all of this exercise are checked, as it went of late; null where that cannot be told
     */
    record QueueView(
            int waiting,
            int running,
            int elsewhere,
            boolean paused,
            @Nullable Integer perMinute,
            @Nullable Integer secondsLeft) {}

    QueueView view(long exercise) {
        synchronized (this) {
            Instant now = Instant.now(clock);
            while (!ended.isEmpty() && ended.peekFirst().isBefore(now.minus(WINDOW))) {
                ended.removeFirst();
            }
            int waiting = line.of(exercise).size();
            int running =
                    (int) begun.values().stream().filter(e -> e == exercise).count();
            int all = line.size() + begun.size();
            double seconds = ended.isEmpty()
                    ? 0
                    : Math.max(1, Duration.between(ended.peekFirst(), now).toMillis() / 1000.0);
            double perSecond = ended.size() < 2 ? 0 : ended.size() / seconds;
            return new QueueView(
                    waiting,
                    running,
                    all - waiting - running,
                    line.isPaused(exercise),
                    perSecond == 0 ? null : (int) Math.round(perSecond * 60),
                    perSecond == 0 || line.isPaused(exercise)
                            ? null
                            : (int) Math.ceil((waiting + running) / perSecond));
        }
    }

    /** Holds the checks of an exercise back, or lets them go on; what is being checked goes on. */
    void pause(long exercise, boolean paused) {
        exercises.pauseChecks(exercise, paused);
        synchronized (this) {
            line.pause(exercise, paused);
        }
        goOn();
    }

    /**
     * Calls off all checks of an exercise that wait.
     *
     * @param by who does
     * @return how many
     */
    int callOff(long exercise, String by) {
        List<Long> ids;
        synchronized (this) {
            ids = line.of(exercise).stream()
                    .map(WaitingLine.Waiting::submission)
                    .toList();
            ids.forEach(line::remove);
        }
        List<Submission> off = transaction.execute(status -> {
            jobs.deleteAllById(ids.stream().filter(jobs::existsById).toList());
            return submissions.findAllById(ids).stream()
                    .map(s -> {
                        s.state = s.currentRun == null ? Submission.State.FAILED : Submission.State.CHECKED;
                        s.failure = s.currentRun == null ? by + " called its check off. Have it checked again." : null;
                        return submissions.save(s);
                    })
                    .toList();
        });
        ids.forEach(progress::remove);
        off.forEach(this::tell);
        return off.size();
    }
}
