package hausaufgabe.server.review;

import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Marked;
import hausaufgabe.server.submission.Submissions;
import hausaufgabe.server.submission.Summary.Item;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Points, feedback and the history of both. Every write says which version it was made on. */
@Service
public class Reviews {

    /** The version of a review that nobody has begun. */
    private static final String UNTOUCHED = "new";

    static final int LONGEST_REASON = 1_000;
    private static final int LONGEST_FEEDBACK = 20_000;
    /** The reason of whoever takes what was proposed and gives none. */
    public static final String AGREED = "As proposed.";

    private static final String CHANGED = "Somebody else has changed this submission's marks since you opened it. "
            + "What is shown now is theirs; your text is still in the field.";

    interface Repository extends JpaRepository<Review, Long> {}

    interface DecisionRepository extends JpaRepository<PointDecision, PointDecision.Key> {
        List<PointDecision> findByKeySubmissionId(Long submissionId);
    }

    interface ChangeRepository extends JpaRepository<GradeChange, Long> {
        List<GradeChange> findBySubmissionIdOrderByIdDesc(Long submissionId);

        @Query("select coalesce(max(g.id), 0) from GradeChange g where g.submissionId = ?1")
        long lastOf(Long submissionId);
    }

    private final Repository reviews;
    private final Remarks.Repository remarks;
    private final DecisionRepository decisions;
    private final ChangeRepository changes;
    private final Submissions submissions;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Accounts accounts;
    private final Clock clock;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;

    Reviews(
            Repository reviews,
            Remarks.Repository remarks,
            DecisionRepository decisions,
            ChangeRepository changes,
            Submissions submissions,
            Exercises exercises,
            Extensions extensions,
            Accounts accounts,
            Clock clock,
            EntityManager entities,
            ApplicationEventPublisher events) {
        this.reviews = reviews;
        this.remarks = remarks;
        this.decisions = decisions;
        this.changes = changes;
        this.submissions = submissions;
        this.exercises = exercises;
        this.extensions = extensions;
        this.accounts = accounts;
        this.clock = clock;
        this.entities = entities;
        this.events = events;
    }

    @Transactional(readOnly = true)
    public ReviewView view(HandedIn submission) {
        Map<Long, String> names = accounts.names();
        Review review = reviews.findById(submission.id()).orElse(null);
        List<PointDecision> decided = decisions.findByKeySubmissionId(submission.id());
        Map<String, Item> items = Items.of(submission);
        double possible = Marking.quarter(
                items.values().stream().mapToDouble(Item::possible).sum());
        Exercises.Standing standing = standing(submission, possible, sum(items, decided));
        return new ReviewView(
                review == null ? UNTOUCHED : String.valueOf(review.version),
                standing.points(),
                possible,
                open(items, decided),
                standing.late(),
                review == null ? "" : review.feedback,
                review == null || review.settledBy == null ? null : names.get(review.settledBy),
                review == null ? null : review.settledAt,
                review == null ? null : review.returnedAt,
                decided.stream()
                        .map(d -> new ReviewView.Decision(
                                d.key.item(), d.points.doubleValue(), d.reason, names.get(d.decidedBy), d.decidedAt))
                        .toList(),
                remarks.findBySubmissionIdOrderById(submission.id()).stream()
                        .map(r -> Remarks.view(r, names))
                        .toList(),
                changes.findBySubmissionIdOrderByIdDesc(submission.id()).stream()
                        .map(c -> new ReviewView.Change(
                                c.what.name(),
                                c.item,
                                c.before,
                                c.after,
                                c.reason,
                                names.get(c.changedBy),
                                c.changedAt))
                        .toList(),
                null);
    }

    /** What points come to by the rules of the exercise. */
    public Exercises.Standing standing(HandedIn submission, double possible, double sum) {
        return exercises
                .opened(submission.exerciseId())
                .standing(
                        sum,
                        possible,
                        submission.report().map(CheckReport::compiled).orElse(true),
                        submission.uploadedAt(),
                        extensions.of(submission.exerciseId(), submission.studentId()));
    }

    private static double open(Map<String, Item> items, List<PointDecision> decided) {
        Set<String> keys = decided.stream().map(d -> d.key.item()).collect(Collectors.toSet());
        return Marking.quarter(items.values().stream()
                .filter(i -> i.open() && !keys.contains(i.key()))
                .mapToDouble(i -> i.possible() - i.proposed())
                .sum());
    }

    private static double sum(Map<String, Item> items, List<PointDecision> decided) {
        Map<String, PointDecision> byItem =
                decided.stream().collect(Collectors.toMap(d -> d.key.item(), Function.identity()));
        return Marking.quarter(items.values().stream()
                .mapToDouble(i ->
                        byItem.containsKey(i.key()) ? byItem.get(i.key()).points.doubleValue() : i.proposed())
                .sum());
    }

    /** Gives points, those proposed or others; for others with a reason. */
    @Transactional
    public void decide(long submission, String key, double points, @Nullable String reason, String version, Person by) {
        Item item = item(submission, key);
        String why = reason(item, points, reason);
        touch(submission, version);
        give(submission, item, points, why, by);
    }

    /**
     * Why points are given, in the words that are kept.
     *
     * @throws Problem where so many cannot be given, or a reason is wanted and there is none
     */
    public static String reason(Item item, double points, @Nullable String given) {
        requireFitting(item, points);
        boolean agrees = !item.open() && points == item.proposed();
        if (!agrees && (given == null || given.isBlank())) {
            throw Problem.badRequest("Say why, so that the others can mark alike.");
        }
        String why = given == null || given.isBlank() ? AGREED : given.strip();
        if (why.length() > LONGEST_REASON) {
            throw Problem.badRequest("A reason can be " + LONGEST_REASON + " characters long; this is " + why.length()
                    + ". Longer remarks go into the feedback.");
        }
        return why;
    }

    void give(long submission, Item item, double points, String reason, Person by) {
        PointDecision.Key id = new PointDecision.Key(submission, item.key());
        PointDecision d = decisions.findById(id).orElseGet(() -> new PointDecision(id));
        String before = d.points == null ? plain(item.proposed()) : plain(d.points.doubleValue());
        d.points = BigDecimal.valueOf(points);
        d.reason = reason;
        d.decidedBy = by.id();
        d.decidedAt = Instant.now(clock);
        decisions.save(d);
        log(submission, GradeChange.Aspect.POINTS, item.key(), before, plain(points), reason, by);
    }

    /** @throws Problem where so many points cannot be given */
    public static void requireFitting(Item item, double points) {
        if (points < 0 || points > item.possible() || Marking.quarter(points) != points) {
            throw Problem.badRequest("Give from 0 to " + plain(item.possible()) + " points, in quarters.");
        }
    }

    /** The version that a change is to be made on. */
    public String version(long submission) {
        return reviews.findById(submission).map(r -> String.valueOf(r.version)).orElse(UNTOUCHED);
    }

    /** Goes back to the points proposed. */
    @Transactional
    public void withdraw(long submission, String key, String version, Person by) {
        Item item = item(submission, key);
        PointDecision d = decisions
                .findById(new PointDecision.Key(submission, key))
                .orElseThrow(() -> Problem.notFound("Nobody has changed these points."));
        touch(submission, version);
        decisions.delete(d);
        log(
                submission,
                GradeChange.Aspect.POINTS,
                key,
                plain(d.points.doubleValue()),
                plain(item.proposed()),
                "Back to what was proposed.",
                by);
    }

    private Item item(long submission, String key) {
        HandedIn handedIn = submissions.get(submission);
        if (handedIn.report().isEmpty()) {
            throw Problem.conflict("There is no report yet; points come after the check.");
        }
        return Items.find(handedIn, key)
                .orElseThrow(() -> Problem.notFound("There is no such requirement, scenario or criterion any more."));
    }

    @Transactional
    public void writeFeedback(long submission, String text, String version, Person by) {
        requireShort(text);
        Review r = touch(submission, version);
        String before = r.feedback;
        r.feedback = text;
        log(submission, GradeChange.Aspect.FEEDBACK, null, before, text, null, by);
    }

    static void requireShort(String feedback) {
        if (feedback.length() > LONGEST_FEEDBACK) {
            throw Problem.badRequest("Feedback can be 20,000 characters long; this is " + feedback.length() + ".");
        }
    }

    /**
     * Says that a person has looked at everything, or takes it back.
     *
     * @param open whether it may be although something waits for a person
     */
    @Transactional
    public void settle(long submission, boolean settled, boolean open, String version, Person by) {
        String reason = settled ? unanswered(submission, open) : null;
        Review r = touch(submission, version);
        boolean before = r.settledBy != null;
        r.settledBy = settled ? by.id() : null;
        r.settledAt = settled ? Instant.now(clock) : null;
        log(submission, GradeChange.Aspect.SETTLED, null, String.valueOf(before), String.valueOf(settled), reason, by);
    }

    /** What is to be said of questions that are left open; null where there are none. */
    private @Nullable String unanswered(long submission, boolean allowed) {
        HandedIn s = submissions.get(submission);
        if (s.report().isEmpty()) {
            throw Problem.conflict("There is no report yet; a submission is settled after its check.");
        }
        Set<String> decided = decisions.findByKeySubmissionId(submission).stream()
                .map(d -> d.key.item())
                .collect(Collectors.toSet());
        long open = Items.of(s).values().stream()
                .filter(i -> i.open() && !decided.contains(i.key()))
                .count();
        if (open == 0) {
            return null;
        }
        String said = open == 1 ? "One question is open." : open + " questions are open.";
        if (!allowed) {
            throw Problem.conflict(said + " Settle each as met or not, or say that it is settled all the same.");
        }
        return said;
    }

    /** Another change of what was made of a submission, on the version that {@code version} names. */
    void change(
            long submission,
            String version,
            GradeChange.Aspect what,
            @Nullable String item,
            @Nullable String before,
            @Nullable String after,
            @Nullable String reason,
            Person by) {
        change(submission, version, what, item, before, after, reason, by.id());
    }

    /** @param by account of whoever changes it */
    void change(
            long submission,
            String version,
            GradeChange.Aspect what,
            @Nullable String item,
            @Nullable String before,
            @Nullable String after,
            @Nullable String reason,
            long by) {
        touch(submission, version);
        log(submission, what, item, before, after, reason, by);
    }

    /** Keeps in the history of a submission that its second reading is done. */
    @Transactional
    public void readTwice(long submission, String said, Person by) {
        change(submission, version(submission), GradeChange.Aspect.SECOND, null, null, said, null, by);
    }

    /** The review to be changed, if it is still in the state that {@code version} names. */
    Review touch(long submission, String version) {
        HandedIn s = submissions.get(submission);
        Review r = reviews.findById(submission).orElse(null);
        String current = r == null ? UNTOUCHED : String.valueOf(r.version);
        if (!current.equals(version)) {
            throw Problem.outdated(CHANGED);
        }
        events.publishEvent(new Marked(s.exerciseId(), s.id(), s.studentId()));
        if (r == null) {
            try {
                return reviews.saveAndFlush(new Review(submission));
            } catch (DataIntegrityViolationException e) {
                throw Problem.outdated(CHANGED);
            }
        }
        entities.lock(r, LockModeType.OPTIMISTIC_FORCE_INCREMENT);
        return r;
    }

    GradeChange log(
            long submission,
            GradeChange.Aspect what,
            String item,
            String before,
            String after,
            String reason,
            Person by) {
        return log(submission, what, item, before, after, reason, by.id());
    }

    private GradeChange log(
            long submission,
            GradeChange.Aspect what,
            String item,
            String before,
            String after,
            String reason,
            long by) {
        return changes.save(new GradeChange(submission, what, item, before, after, reason, by, Instant.now(clock)));
    }

    /** Points as they are written. */
    public static String plain(double points) {
        return points == Math.rint(points) ? String.valueOf((long) points) : String.valueOf(points);
    }
}
