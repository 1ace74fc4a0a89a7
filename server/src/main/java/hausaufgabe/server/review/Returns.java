package hausaufgabe.server.review;

import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import hausaufgabe.server.submission.Summary;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives marked work back to those who handed it in, and says what they see of it. */
@Service
public class Returns {

    private final Reviews reviews;
    private final Reviews.Repository repository;
    private final Submissions submissions;
    private final Clock clock;

    Returns(Reviews reviews, Reviews.Repository repository, Submissions submissions, Clock clock) {
        this.reviews = reviews;
        this.repository = repository;
        this.submissions = submissions;
        this.clock = clock;
    }

    /**
     * What came of it.
     *
     * @param changed submissions that were returned, or taken back
     * @param unsettled how many that were handed in nobody has settled, so that they stay
     */
    public record Outcome(int changed, int unsettled) {}

    /**
     * What a student sees of what people made of their work.
     *
     * @param late points taken off for being late, which {@code points} is without already
     * @param feedback in Markdown; may be empty
     * @param criteria what a person judged, with what was said of it
     */
    public record ReturnedWork(
            Instant at,
            double points,
            double possible,
            double late,
            String feedback,
            List<ReturnedRemark> remarks,
            Map<String, ReturnedPoints> items,
            List<ReturnedCriterion> criteria) {}

    /**
     * @param item what it is about; null where it is about lines
     * @param file null where it is about a claim
     */
    public record ReturnedRemark(
            @Nullable String item,
            @Nullable String file,
            @Nullable Integer line,
            String text) {}

    public record ReturnedPoints(double points, double possible) {}

    /** @param level what a person said; null where nobody did */
    public record ReturnedCriterion(String text, @Nullable String level, double points, double possible) {}

    /** Returns everything of an exercise that is settled and was not returned yet. */
    @Transactional
    public Outcome giveBack(long exercise, Person by) {
        return each(exercise, by, Instant.now(clock));
    }

    /** Nobody sees any more what was made of their work for an exercise. */
    @Transactional
    public Outcome takeBack(long exercise, Person by) {
        return each(exercise, by, null);
    }

    private Outcome each(long exercise, Person by, @Nullable Instant at) {
        int changed = 0;
        int unsettled = 0;
        for (long id : submissions.idsOf(exercise)) {
            Review r = repository.findById(id).orElse(null);
            if (r == null || r.settledBy == null) {
                unsettled++;
            } else if ((r.returnedAt == null) == (at != null)) {
                reviews.change(
                        id,
                        reviews.version(id),
                        GradeChange.Aspect.RETURNED,
                        null,
                        String.valueOf(at == null),
                        String.valueOf(at != null),
                        null,
                        by);
                r.returnedAt = at;
                changed++;
            }
        }
        return new Outcome(changed, unsettled);
    }

    /** What its student sees; empty while it is not returned, or was opened again. */
    @Transactional(readOnly = true)
    public Optional<ReturnedWork> of(HandedIn s) {
        ReviewView view = reviews.view(s);
        if (view.returnedAt() == null || view.settledBy() == null) {
            return Optional.empty();
        }
        Map<String, ReviewView.Decision> decided = new LinkedHashMap<>();
        view.decisions().forEach(d -> decided.put(d.item(), d));
        Map<String, ReturnedPoints> items = new LinkedHashMap<>();
        for (Summary.Item i : Items.of(s).values()) {
            double points = decided.containsKey(i.key()) ? decided.get(i.key()).points() : i.proposed();
            items.put(i.key(), new ReturnedPoints(points, i.possible()));
        }
        List<ReturnedCriterion> criteria = new ArrayList<>();
        for (Criterion c : s.criteria()) {
            String key = "criterion:" + c.id();
            ReviewView.Decision d = decided.get(key);
            criteria.add(new ReturnedCriterion(
                    c.text(), d == null ? null : d.reason(), d == null ? 0 : d.points(), c.possible()));
        }
        return Optional.of(new ReturnedWork(
                view.returnedAt(),
                view.points(),
                view.possible(),
                view.late(),
                view.feedback(),
                view.remarks().stream()
                        .map(r -> new ReturnedRemark(r.item(), r.file(), r.line(), r.text()))
                        .toList(),
                items,
                criteria));
    }
}
