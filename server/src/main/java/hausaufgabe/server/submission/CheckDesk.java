package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.exercise.Exercises;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Hands submissions to the checkers, writes down what they found, and tells how far they are. */
@Component
class CheckDesk {

    private static final Logger LOG = LoggerFactory.getLogger(CheckDesk.class);

    private static final int LONGEST = 2_000;

    private final Submissions.Repository submissions;
    private final Submissions.RunRepository runs;
    private final SourceStore sources;
    private final Exercises exercises;
    private final CheckDispatcher dispatcher;
    private final News news;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final CheckRequest.Isolation isolation;
    private final Map<Long, String> running = new ConcurrentHashMap<>();

    CheckDesk(
            Submissions.Repository submissions,
            Submissions.RunRepository runs,
            SourceStore sources,
            Exercises exercises,
            CheckDispatcher dispatcher,
            News news,
            Clock clock,
            TransactionTemplate transaction,
            @Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.submissions = submissions;
        this.runs = runs;
        this.sources = sources;
        this.exercises = exercises;
        this.dispatcher = dispatcher;
        this.news = news;
        this.clock = clock;
        this.transaction = transaction;
        this.isolation = isolation;
    }

    /** What was being checked when the server last stopped is checked again. */
    @EventListener(ApplicationReadyEvent.class)
    void resume() {
        submissions.unfinished().forEach(id -> check(id, false));
    }

    /** What a submission's check is doing, or null. */
    String progressOf(long id) {
        return running.get(id);
    }

    /**
     * Has a submission checked. What keeps that from beginning is told as the check's failure.
     *
     * @param anew whether it is to be made even if the same was checked before
     */
    void check(long id, boolean anew) {
        Submission s = change(id, x -> {
            x.state = Submission.State.QUEUED;
            x.failure = null;
        });
        running.put(id, "Waiting for its turn");
        tell(s);
        CheckRequest request;
        Exercises.Version version;
        try {
            Upload upload = sources.load(s.sourceHash);
            version = exercises.opened(s.exerciseId);
            request = version.check(upload, isolation).again(anew);
        } catch (RuntimeException e) {
            LOG.error("the check of submission {} could not begin", id, e);
            end(id, null, null, e);
            return;
        }
        dispatcher.submit(request, step -> step(id, step)).whenComplete((report, failure) -> {
            try {
                end(id, version, report, failure);
            } catch (RuntimeException e) {
                LOG.error("the result of submission {} could not be stored", id, e);
            }
        });
    }

    private void step(long id, String step) {
        boolean first = "Waiting for its turn".equals(running.put(id, step));
        Submission s = first
                ? change(id, x -> x.state = Submission.State.RUNNING)
                : submissions.findById(id).orElseThrow();
        tell(s);
    }

    /** @param version it was checked with; null where the check could not begin */
    private void end(long id, Exercises.Version version, CheckReport report, Throwable failure) {
        running.remove(id);
        String why = report == null ? said(failure) : null;
        Submission s = change(id, x -> {
            CheckRun run = report == null
                    ? new CheckRun(id, Instant.now(clock), why)
                    : new CheckRun(
                            id,
                            version.id(),
                            Instant.now(clock),
                            write(report),
                            Summary.of(report, version.settings().criteria()));
            Long ended = runs.save(run).id;
            // a check that breaks takes nothing away: the report that was there still counts
            x.state = report == null ? Submission.State.FAILED : Submission.State.CHECKED;
            x.failure = why;
            x.currentRun = report == null ? x.currentRun : ended;
        });
        tell(s);
    }

    private static String said(Throwable failure) {
        Throwable cause = failure instanceof CompletionException ? failure.getCause() : failure;
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

    private Submission change(long id, Consumer<Submission> change) {
        return transaction.execute(status -> {
            Submission s = submissions.findById(id).orElseThrow();
            change.accept(s);
            return submissions.save(s);
        });
    }

    private void tell(Submission s) {
        news.tell(new News.Progress(
                s.exerciseId, s.id, s.studentId, HandedIn.State.valueOf(s.state.name()), running.get(s.id)));
    }
}
