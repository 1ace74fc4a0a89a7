package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.exercise.Exercises;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The commits on the way to what was pushed, checked one at a time beside the queue, which they must not hold up. A step that was
 * not looked at yet stands in the records without an outcome, so a stop loses none.
 */
@Service
public class Steps {

    private static final Logger LOG = LoggerFactory.getLogger(Steps.class);
    private static final int LONGEST = 2_000;

    interface Repository extends JpaRepository<Step, Long> {
        List<Step> findBySubmissionIdOrderByPlace(Long submission);

        @Modifying
        @Query(
                "update Step s set s.outcome = null, s.problem = null where s.submissionId in ?1 and s.sourceHash is not null")
        void openAgain(Collection<Long> submissions);

        Optional<Step> findFirstByOutcomeIsNullAndProblemIsNullOrderById();
    }

    interface PushRepository extends JpaRepository<Push, Long> {}

    private final Repository steps;
    private final PushRepository pushes;
    private final Submissions.Repository submissions;
    private final SourceStore sources;
    private final Exercises exercises;
    private final CheckDispatcher dispatcher;
    private final News news;
    private final TransactionTemplate transaction;
    private final Executor desk;
    private final CheckRequest.Isolation isolation;
    private final AtomicBoolean busy = new AtomicBoolean();
    private volatile boolean stopped;

    Steps(
            Repository steps,
            PushRepository pushes,
            Submissions.Repository submissions,
            SourceStore sources,
            Exercises exercises,
            CheckDispatcher dispatcher,
            News news,
            TransactionTemplate transaction,
            @Qualifier("deskWork") Executor desk,
            @Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.steps = steps;
        this.pushes = pushes;
        this.submissions = submissions;
        this.sources = sources;
        this.exercises = exercises;
        this.dispatcher = dispatcher;
        this.news = news;
        this.transaction = transaction;
        this.desk = desk;
        this.isolation = isolation;
    }

    /** Writes down how a submission came; belongs to the transaction that makes it. */
    void write(long submission, Submissions.Pushed pushed) {
        pushes.save(new Push(submission, pushed.commit()));
        int place = 0;
        for (Submissions.Passed p : pushed.on()) {
            steps.save(new Step(submission, place++, p.commit(), p.hash(), p.problem()));
        }
    }

    /** Has the steps of submissions checked again; those of which nothing could be read stay as they are. */
    void again(Collection<Long> ids) {
        transaction.executeWithoutResult(status -> steps.openAgain(ids));
        goOn();
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        if (!stopped && busy.compareAndSet(false, true)) {
            desk.execute(this::next);
        }
    }

    private void next() {
        Optional<Step> step = Optional.empty();
        try {
            step = steps.findFirstByOutcomeIsNullAndProblemIsNullOrderById();
            if (step.isEmpty()) {
                busy.set(false);
                return;
            }
            Step s = step.get();
            long exercise = submissions.findById(s.submissionId).orElseThrow().exerciseId;
            CheckRequest request = exercises.opened(exercise).check(sources.load(s.sourceHash), isolation);
            dispatcher.submit(request, progress -> {}).whenComplete((report, failure) -> end(s, report, failure));
        } catch (RuntimeException e) {
            step.ifPresentOrElse(s -> end(s, null, e), () -> {
                LOG.error("the steps could not be gone on with", e);
                busy.set(false);
            });
        }
    }

    private void end(Step s, @Nullable CheckReport report, @Nullable Throwable failure) {
        Throwable cause = failure instanceof CompletionException ? failure.getCause() : failure;
        if (cause instanceof CheckFailed f && f.isStop()) {
            // it stays in the records for the next start
            stopped = true;
            return;
        }
        try {
            transaction.executeWithoutResult(status -> steps.findById(s.id).ifPresent(x -> {
                x.outcome = report == null ? null : json(StepOutcome.of(report));
                x.problem = report == null ? said(cause) : null;
                steps.save(x);
            }));
            submissions
                    .findById(s.submissionId)
                    .ifPresent(x -> news.tell(new NewsItem.Progress(
                            x.exerciseId, x.id, x.studentId, HandedIn.State.valueOf(x.state.name()), null)));
        } catch (RuntimeException e) {
            // it would be taken up again at once, and at the next start it is
            LOG.error("what a step of submission {} came to could not be stored", s.submissionId, e);
            stopped = true;
            return;
        }
        busy.set(false);
        goOn();
    }

    private static String said(@Nullable Throwable cause) {
        if (cause instanceof CheckFailed || cause instanceof Problem) {
            String message = cause.getMessage();
            return message.length() <= LONGEST ? message : message.substring(0, LONGEST - 1) + "…";
        }
        LOG.error("the check of a step failed", cause);
        return "Something of ours failed while this was being checked.";
    }

    private static String json(StepOutcome outcome) {
        try {
            return Json.mapper().writeValueAsString(outcome);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static @Nullable StepOutcome read(@Nullable String json) {
        try {
            return json == null ? null : Json.mapper().readValue(json, StepOutcome.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** How a submission came, and what changed from step to step. */
    public PushView of(long submission) {
        return transaction.execute(status -> {
            List<PushView.StepView> views = new ArrayList<>();
            StepOutcome before = null;
            for (Step s : steps.findBySubmissionIdOrderByPlace(submission)) {
                StepOutcome o = read(s.outcome);
                views.add(view(s, o, before));
                before = o == null ? before : o;
            }
            return new PushView(pushes.findById(submission).map(Push::commit).orElse(null), List.copyOf(views));
        });
    }

    private static PushView.StepView view(Step s, @Nullable StepOutcome o, @Nullable StepOutcome before) {
        if (o == null) {
            return new PushView.StepView(
                    s.commit(), s.problem, false, false, null, 0, 0, 0, List.of(), List.of(), List.of());
        }
        return new PushView.StepView(
                s.commit(),
                s.problem,
                true,
                o.compiled(),
                o.error(),
                o.met(),
                o.judged(),
                o.green().size(),
                o.red(),
                before == null ? List.of() : changes(before.roles(), o.roles()),
                o.health());
    }

    private static List<PushView.RoleChange> changes(
            Map<String, List<String>> before, Map<String, List<String>> after) {
        TreeSet<String> roles = new TreeSet<>(before.keySet());
        roles.addAll(after.keySet());
        return roles.stream()
                .map(r -> {
                    List<String> had = before.getOrDefault(r, List.of());
                    List<String> has = after.getOrDefault(r, List.of());
                    return new PushView.RoleChange(r, without(has, had), without(had, has));
                })
                .filter(c -> !c.came().isEmpty() || !c.went().isEmpty())
                .toList();
    }

    private static List<String> without(List<String> all, List<String> some) {
        return all.stream().filter(t -> !some.contains(t)).toList();
    }
}
