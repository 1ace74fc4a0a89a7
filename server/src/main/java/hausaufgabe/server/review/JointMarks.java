package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Summary.Item;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Marks one submission as one of several, and puts back what stood before. Belongs to the transaction of whoever marks them. */
@Component
class JointMarks {

    private static final String TAKEN_BACK = "An answer to several was taken back.";

    private final Reviews reviews;
    private final Reviews.DecisionRepository decisions;
    private final Reviews.ChangeRepository changes;
    private final Clock clock;

    JointMarks(Reviews reviews, Reviews.DecisionRepository decisions, Reviews.ChangeRepository changes, Clock clock) {
        this.reviews = reviews;
        this.decisions = decisions;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * What stood at a submission before it was answered together with others.
     *
     * @param points what a person had decided for the items that were decided anew; those of nobody are not there
     * @param items that were decided anew
     * @param lastChange the last change of that answer; where there is a later one, somebody went on from it
     */
    record Before(
            long submission,
            String feedback,
            @Nullable Long settledBy,
            @Nullable Instant settledAt,
            List<DecidedBefore> points,
            List<String> items,
            long lastChange) {}

    record DecidedBefore(String item, double points, String reason, long by, Instant at) {}

    /**
     * Answers a submission as one of several: the remark joins the feedback, unless it stands there already.
     *
     * @param points by items; those that this submission has not are passed over
     */
    Before answer(HandedIn s, String remark, Map<String, Double> points, boolean settle, Person by) {
        Review r = reviews.touch(s.id(), reviews.version(s.id()));
        Map<String, Item> items = Items.of(s);
        List<String> decided =
                points.keySet().stream().filter(items::containsKey).toList();
        List<DecidedBefore> before = decided.stream()
                .flatMap(i -> decisions.findById(new PointDecision.Key(s.id(), i)).stream())
                .map(d -> new DecidedBefore(d.key.item(), d.points.doubleValue(), d.reason, d.decidedBy, d.decidedAt))
                .toList();
        String feedback = r.feedback;
        Long settledBy = r.settledBy;
        Instant settledAt = r.settledAt;
        String reason = remark.length() <= Reviews.LONGEST_REASON
                ? remark
                : remark.substring(0, Reviews.LONGEST_REASON - 1) + "…";
        for (String i : decided) {
            Reviews.requireFitting(items.get(i), points.get(i));
            reviews.give(s.id(), items.get(i), points.get(i), reason, by);
        }
        if (!feedback.contains(remark)) {
            String joined = feedback.isBlank() ? remark : feedback.stripTrailing() + "\n\n" + remark;
            Reviews.requireShort(joined);
            r.feedback = joined;
        }
        GradeChange last = reviews.log(s.id(), GradeChange.Aspect.FEEDBACK, null, feedback, r.feedback, null, by);
        if (settle && settledBy == null) {
            r.settledBy = by.id();
            r.settledAt = Instant.now(clock);
            last = reviews.log(s.id(), GradeChange.Aspect.SETTLED, null, "false", "true", null, by);
        }
        return new Before(s.id(), feedback, settledBy, settledAt, before, decided, last.id);
    }

    /** Puts back what stood before an answer to several, unless somebody has gone on from it. */
    boolean putBack(Before before, Person by) {
        long id = before.submission();
        if (changes.lastOf(id) != before.lastChange()) {
            return false;
        }
        Review r = reviews.touch(id, reviews.version(id));
        for (String i : before.items()) {
            PointDecision.Key key = new PointDecision.Key(id, i);
            PointDecision d = decisions.findById(key).orElseThrow();
            String given = Reviews.plain(d.points.doubleValue());
            Optional<DecidedBefore> earlier =
                    before.points().stream().filter(p -> p.item().equals(i)).findFirst();
            earlier.ifPresentOrElse(
                    p -> {
                        d.points = BigDecimal.valueOf(p.points());
                        d.reason = p.reason();
                        d.decidedBy = p.by();
                        d.decidedAt = p.at();
                        decisions.save(d);
                    },
                    () -> decisions.delete(d));
            String back = earlier.map(p -> Reviews.plain(p.points())).orElse("as proposed");
            reviews.log(id, GradeChange.Aspect.POINTS, i, given, back, TAKEN_BACK, by);
        }
        reviews.log(id, GradeChange.Aspect.FEEDBACK, null, r.feedback, before.feedback(), TAKEN_BACK, by);
        r.feedback = before.feedback();
        if (!Objects.equals(r.settledBy, before.settledBy())) {
            reviews.log(id, GradeChange.Aspect.SETTLED, null, "true", "false", TAKEN_BACK, by);
            r.settledBy = before.settledBy();
            r.settledAt = before.settledAt();
        }
        return true;
    }
}
