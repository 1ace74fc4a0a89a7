package hausaufgabe.server.review;

import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.submission.HandedIn;
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
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Points, feedback and the history of both. Every write says which version it was made on. */
@Service
public class Reviews {

    /** The version of a review that nobody has begun. */
    private static final String UNTOUCHED = "new";

    private static final int LONGEST_REASON = 1_000;
    private static final String CHANGED = "Somebody else has changed this submission's marks since you opened it. "
            + "What is shown now is theirs; your text is still in the field.";

    interface Repository extends JpaRepository<Review, Long> {}

    interface DecisionRepository extends JpaRepository<PointDecision, PointDecision.Key> {
        List<PointDecision> findByKeySubmissionId(Long submissionId);
    }

    interface ChangeRepository extends JpaRepository<GradeChange, Long> {
        List<GradeChange> findBySubmissionIdOrderByIdDesc(Long submissionId);
    }

    private final Repository reviews;
    private final DecisionRepository decisions;
    private final ChangeRepository changes;
    private final Submissions submissions;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Accounts accounts;
    private final Clock clock;
    private final EntityManager entities;

    Reviews(
            Repository reviews,
            DecisionRepository decisions,
            ChangeRepository changes,
            Submissions submissions,
            Exercises exercises,
            Extensions extensions,
            Accounts accounts,
            Clock clock,
            EntityManager entities) {
        this.reviews = reviews;
        this.decisions = decisions;
        this.changes = changes;
        this.submissions = submissions;
        this.exercises = exercises;
        this.extensions = extensions;
        this.accounts = accounts;
        this.clock = clock;
        this.entities = entities;
    }

    @Transactional(readOnly = true)
    public ReviewView view(HandedIn submission) {
        Map<Long, String> names = accounts.names();
        Review review = reviews.findById(submission.id()).orElse(null);
        List<PointDecision> decided = decisions.findByKeySubmissionId(submission.id());
        Map<String, Item> items = Items.of(submission);
        double possible = Marking.quarter(
                items.values().stream().mapToDouble(Item::possible).sum());
        double sum = sum(items, decided);
        boolean compiled = submission.report().map(CheckReport::compiled).orElse(true);
        Exercises.Standing standing = exercises
                .opened(submission.exerciseId())
                .standing(
                        sum,
                        possible,
                        compiled,
                        submission.uploadedAt(),
                        extensions.of(submission.exerciseId(), submission.studentId()));
        return new ReviewView(
                review == null ? UNTOUCHED : String.valueOf(review.version),
                standing.points(),
                possible,
                open(items, decided),
                standing.late(),
                review == null ? "" : review.feedback,
                review == null || review.settledBy == null ? null : names.get(review.settledBy),
                review == null ? null : review.settledAt,
                decided.stream()
                        .map(d -> new ReviewView.Decision(
                                d.key.item(), d.points.doubleValue(), d.reason, names.get(d.decidedBy), d.decidedAt))
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
                        .toList());
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

    /** Gives points in place of those proposed, with a reason. */
    @Transactional
    public void decide(long submission, String key, double points, String reason, String version, Person by) {
        Item item = item(submission, key);
        if (points < 0 || points > item.possible() || Marking.quarter(points) != points) {
            throw Problem.badRequest("Give from 0 to " + plain(item.possible()) + " points, in quarters.");
        }
        if (reason == null || reason.isBlank()) {
            throw Problem.badRequest("Say why, so that the others can mark alike.");
        }
        if (reason.strip().length() > LONGEST_REASON) {
            throw Problem.badRequest("A reason can be " + LONGEST_REASON + " characters long; this is "
                    + reason.strip().length() + ". Longer remarks go into the feedback.");
        }
        touch(submission, version);
        PointDecision.Key id = new PointDecision.Key(submission, key);
        PointDecision d = decisions.findById(id).orElseGet(() -> new PointDecision(id));
        String before = d.points == null ? plain(item.proposed()) : plain(d.points.doubleValue());
        d.points = BigDecimal.valueOf(points);
        d.reason = reason.strip();
        d.decidedBy = by.id();
        d.decidedAt = Instant.now(clock);
        decisions.save(d);
        log(submission, GradeChange.Aspect.POINTS, key, before, plain(points), d.reason, by);
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
        if (text.length() > 20_000) {
            throw Problem.badRequest("Feedback can be 20,000 characters long; this is " + text.length() + ".");
        }
        Review r = touch(submission, version);
        String before = r.feedback;
        r.feedback = text;
        log(submission, GradeChange.Aspect.FEEDBACK, null, before, text, null, by);
    }

    /** Says that a person has looked at everything, or takes it back. */
    @Transactional
    public void settle(long submission, boolean settled, String version, Person by) {
        if (settled && submissions.get(submission).report().isEmpty()) {
            throw Problem.conflict("There is no report yet; a submission is settled after its check.");
        }
        Review r = touch(submission, version);
        boolean before = r.settledBy != null;
        r.settledBy = settled ? by.id() : null;
        r.settledAt = settled ? Instant.now(clock) : null;
        log(submission, GradeChange.Aspect.SETTLED, null, String.valueOf(before), String.valueOf(settled), null, by);
    }

    /** The review to be changed, if it is still in the state that {@code version} names. */
    private Review touch(long submission, String version) {
        submissions.get(submission);
        Review r = reviews.findById(submission).orElse(null);
        String current = r == null ? UNTOUCHED : String.valueOf(r.version);
        if (!current.equals(version)) {
            throw Problem.outdated(CHANGED);
        }
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

    private void log(
            long submission,
            GradeChange.Aspect what,
            String item,
            String before,
            String after,
            String reason,
            Person by) {
        changes.save(new GradeChange(submission, what, item, before, after, reason, by.id(), Instant.now(clock)));
    }

    private static String plain(double points) {
        return points == Math.rint(points) ? String.valueOf((long) points) : String.valueOf(points);
    }
}
