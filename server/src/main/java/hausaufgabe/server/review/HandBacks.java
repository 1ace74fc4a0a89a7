package hausaufgabe.server.review;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.review.SecondMarks.SecondState;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Gives marked work back to those who handed it in, now or at a set time, and takes it back. Each is done whole or not at all: what
 * a stop of the server cuts short has not happened, and what was to be done meanwhile is done at the next start.
 */
@Service
public class HandBacks {

    private static final Logger LOG = LoggerFactory.getLogger(HandBacks.class);
    private static final int LOOKS_SECONDS = 2;
    private static final int LONGEST_REASON = 1_000;

    interface Repository extends JpaRepository<HandBack, Long> {
        List<HandBack> findByExerciseIdOrderByIdDesc(Long exerciseId);

        List<HandBack> findByDoneAtIsNullAndCalledOffAtIsNullAndAtLessThanEqual(Instant now);
    }

    private static final String WORK = """
            select s.id as submission, s.state as state, st.id as student, st.name as name, st.groupName as groupName,
                   v.settledBy as settledBy, v.returnedAt as returnedAt
            from Submission s
            join Enrolled st on st.id = s.studentId
            left join Review v on v.submissionId = s.id
            where s.exerciseId = :exercise
            order by st.name, s.studentId, s.attempt
            """;

    private final Repository handBacks;
    private final Reviews.Repository repository;
    private final Reviews reviews;
    private final Exercises exercises;
    private final Accounts accounts;
    private final CourseLog log;
    private final SecondMarks second;
    private final EntityManager entities;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final ScheduledExecutorService alarm = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread t = new Thread(work, "hand-backs");
        t.setDaemon(true);
        return t;
    });

    HandBacks(
            Repository handBacks,
            Reviews.Repository repository,
            Reviews reviews,
            Exercises exercises,
            Accounts accounts,
            CourseLog log,
            SecondMarks second,
            EntityManager entities,
            TransactionTemplate transaction,
            Clock clock) {
        this.handBacks = handBacks;
        this.repository = repository;
        this.reviews = reviews;
        this.exercises = exercises;
        this.accounts = accounts;
        this.log = log;
        this.second = second;
        this.entities = entities;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * Somebody whose work cannot be given back yet.
     *
     * @param submission their last attempt
     * @param why in words
     */
    public record NotReady(long student, String name, String group, long submission, String why) {}

    /**
     * Something that was ordered.
     *
     * @param groups empty for all
     * @param doneAt null while it waits
     * @param givenBack submissions; null while it waits
     */
    public record HandBackLine(
            long id,
            List<String> groups,
            Instant at,
            @Nullable Instant questionsUntil,
            String by,
            @Nullable Instant doneAt,
            @Nullable Integer givenBack,
            boolean calledOff) {}

    /**
     * How far an exercise is on the way back to its students.
     *
     * @param ready attempts that are settled and not given back
     * @param returned attempts that their students see
     * @param notReady those of whom nothing is settled, or whose second reading has not ended in one
     */
    public record HandBackView(int ready, int returned, List<NotReady> notReady, List<HandBackLine> orders) {}

    /**
     * What is ordered.
     *
     * @param groups empty for all
     * @param at null for now
     * @param questionsUntil until when students may ask about points; null where they may not
     */
    public record HandBackOrder(
            List<String> groups,
            @Nullable Instant at,
            @Nullable Instant questionsUntil) {}

    /** One attempt. */
    private record Attempt(
            long submission,
            String state,
            long student,
            String name,
            String group,
            boolean settled,
            boolean returned,
            @Nullable SecondState second) {

        /** Whether students may see it: settled, and read by all who were to read it. */
        private boolean isReady() {
            return settled && (second == null || second == SecondState.ALIKE);
        }
    }

    private List<Attempt> attempts(long exercise) {
        Map<Long, SecondState> states = second.states(List.of(exercise), null);
        return entities.createQuery(WORK, Tuple.class).setParameter("exercise", exercise).getResultList().stream()
                .map(t -> new Attempt(
                        t.get("submission", Long.class),
                        String.valueOf(t.get("state")),
                        t.get("student", Long.class),
                        t.get("name", String.class),
                        t.get("groupName", String.class),
                        t.get("settledBy") != null,
                        t.get("returnedAt") != null,
                        states.get(t.get("submission", Long.class))))
                .toList();
    }

    public HandBackView view(long exercise) {
        List<Attempt> attempts = attempts(exercise);
        Map<Long, List<Attempt>> byStudent = new LinkedHashMap<>();
        attempts.forEach(a ->
                byStudent.computeIfAbsent(a.student(), k -> new ArrayList<>()).add(a));
        Map<Long, String> names = accounts.names();
        return new HandBackView(
                (int) attempts.stream()
                        .filter(a -> a.isReady() && !a.returned())
                        .count(),
                (int) attempts.stream().filter(a -> a.settled() && a.returned()).count(),
                byStudent.values().stream()
                        .filter(all -> all.stream().noneMatch(Attempt::isReady))
                        .map(all -> all.stream()
                                .filter(Attempt::settled)
                                .findFirst()
                                .orElse(all.get(all.size() - 1)))
                        .map(HandBacks::notReady)
                        .toList(),
                handBacks.findByExerciseIdOrderByIdDesc(exercise).stream()
                        .map(h -> new HandBackLine(
                                h.id,
                                h.groupList(),
                                h.at,
                                h.questionsUntil,
                                names.getOrDefault(h.orderedBy, ""),
                                h.doneAt,
                                h.givenBack,
                                h.calledOffAt != null))
                        .toList());
    }

    private static NotReady notReady(Attempt a) {
        if (a.settled()) {
            String twice = a.second() == SecondState.DIFFERS
                    ? "Two have read it, and differ."
                    : "It is being read a second time.";
            return new NotReady(a.student(), a.name(), a.group(), a.submission(), twice);
        }
        String why = switch (a.state()) {
            case "CHECKED" -> "Nobody has settled it.";
            case "FAILED" -> "Its check broke.";
            default -> "It is being checked.";
        };
        return new NotReady(a.student(), a.name(), a.group(), a.submission(), why);
    }

    /**
     * Gives back everything that is settled and not given back yet, now or when its time has come.
     *
     * @throws Problem where there is nothing to give back now, or the times cannot be
     */
    public HandBackView order(long exercise, HandBackOrder order, Person by) {
        Instant now = Instant.now(clock);
        Instant at = order.at() == null || order.at().isBefore(now) ? now : order.at();
        if (order.questionsUntil() != null && !order.questionsUntil().isAfter(at)) {
            throw Problem.badRequest(
                    "Questions can be asked until a time after the work is given back. Nothing was changed.");
        }
        Long id = transaction.execute(status -> {
            HandBack h = handBacks.saveAndFlush(
                    new HandBack(exercise, order.groups(), at, order.questionsUntil(), by.id(), now));
            if (!at.isAfter(now) && perform(h, by.id()) == 0) {
                throw Problem.conflict(
                        "Nothing is settled that was not given back already. Settle first; nothing was changed.");
            }
            return h.id;
        });
        LOG.debug("hand-back {} of exercise {} is ordered", id, exercise);
        return view(exercise);
    }

    /** In the caller's transaction. */
    private int perform(HandBack h, long by) {
        Instant now = Instant.now(clock);
        int changed = 0;
        for (Attempt a : attempts(h.exerciseId)) {
            if (a.isReady() && !a.returned() && h.concerns(a.group())) {
                reviews.change(
                        a.submission(),
                        reviews.version(a.submission()),
                        GradeChange.Aspect.RETURNED,
                        null,
                        "false",
                        "true",
                        null,
                        by);
                repository.findById(a.submission()).orElseThrow().returnedAt = now;
                changed++;
            }
        }
        h.doneAt = now;
        h.givenBack = changed;
        handBacks.save(h);
        log(h.exerciseId, null, changed + " given back" + said(h.groupList()), null, by);
        return changed;
    }

    private static String said(List<String> groups) {
        return groups.isEmpty() ? "" : ", of " + String.join(", ", groups);
    }

    private void log(long exercise, @Nullable String before, @Nullable String after, @Nullable String reason, long by) {
        log.add(
                new CourseLog.Entry(
                        exercises.line(exercise).courseId(),
                        exercise,
                        null,
                        CourseLog.Aspect.HAND_BACK,
                        before,
                        after,
                        reason),
                by);
    }

    /** @throws Problem where it was done already, or called off */
    public HandBackView callOff(long exercise, long id, Person by) {
        transaction.executeWithoutResult(status -> {
            HandBack h = handBacks
                    .findById(id)
                    .filter(x -> x.exerciseId == exercise)
                    .orElseThrow(() -> Problem.notFound("Nothing of that kind was ordered."));
            if (h.doneAt != null || h.calledOffAt != null) {
                throw Problem.conflict(
                        h.doneAt != null
                                ? "It was given back already. Take it back, with a reason, if students should not see it."
                                : "It was called off already.");
            }
            h.calledOffAt = Instant.now(clock);
            handBacks.saveAndFlush(h);
            log(exercise, "to be given back at " + h.at + said(h.groupList()), null, null, by.id());
        });
        return view(exercise);
    }

    /**
     * Students see no more what was made of their work.
     *
     * @param groups empty for all
     * @throws Problem where no reason is given, or nothing was given back
     */
    public HandBackView takeBack(long exercise, List<String> groups, @Nullable String reason, Person by) {
        if (reason == null || reason.isBlank() || reason.strip().length() > LONGEST_REASON) {
            throw Problem.badRequest(
                    "Say why it is taken back, in at most " + LONGEST_REASON + " characters. Nothing was changed.");
        }
        transaction.executeWithoutResult(status -> {
            int changed = 0;
            for (Attempt a : attempts(exercise)) {
                if (a.returned() && (groups.isEmpty() || groups.contains(a.group()))) {
                    reviews.change(
                            a.submission(),
                            reviews.version(a.submission()),
                            GradeChange.Aspect.RETURNED,
                            null,
                            "true",
                            "false",
                            reason.strip(),
                            by.id());
                    repository.findById(a.submission()).orElseThrow().returnedAt = null;
                    changed++;
                }
            }
            if (changed == 0) {
                throw Problem.conflict("Nothing was given back that could be taken back.");
            }
            log(exercise, changed + " given back" + said(groups), null, reason.strip(), by.id());
        });
        return view(exercise);
    }

    /** Until when a student of a group may ask about the points of an exercise; null where they may not. */
    public @Nullable Instant questionsUntil(long exercise, String group) {
        Instant now = Instant.now(clock);
        return handBacks.findByExerciseIdOrderByIdDesc(exercise).stream()
                .filter(h -> h.doneAt != null && h.questionsUntil != null && h.concerns(group))
                .map(h -> h.questionsUntil)
                .filter(now::isBefore)
                .max(Instant::compareTo)
                .orElse(null);
    }

    @EventListener(ApplicationReadyEvent.class)
    void watch() {
        alarm.scheduleWithFixedDelay(this::performDue, 0, LOOKS_SECONDS, TimeUnit.SECONDS);
    }

    @PreDestroy
    void close() {
        alarm.shutdownNow();
    }

    /** Does what its time has come for. */
    public void performDue() {
        try {
            for (HandBack due :
                    handBacks.findByDoneAtIsNullAndCalledOffAtIsNullAndAtLessThanEqual(Instant.now(clock))) {
                transaction.executeWithoutResult(status -> handBacks
                        .findById(due.id)
                        .filter(h -> h.doneAt == null && h.calledOffAt == null)
                        .ifPresent(h -> perform(h, h.orderedBy)));
            }
        } catch (RuntimeException e) {
            LOG.warn("what was to be given back could not be yet; it is tried again", e);
        }
    }
}
