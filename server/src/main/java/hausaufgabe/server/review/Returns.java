package hausaufgabe.server.review;

import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Summary;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What students see of marked work that was given back to them. */
@Service
public class Returns {

    private static final Set<String> SEEN = Set.of("POINTS", "FEEDBACK", "REMARK");

    private final Reviews reviews;

    Returns(Reviews reviews) {
        this.reviews = reviews;
    }

    /**
     * What a student sees of what people made of their work.
     *
     * @param changedAt when something of it was last changed after that; null where nothing was
     * @param late points taken off for being late, which {@code points} is without already
     * @param feedback in Markdown; may be empty
     * @param criteria what a person judged, with what was said of it
     */
    public record ReturnedWork(
            Instant at,
            @Nullable Instant changedAt,
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
            @Nullable Integer endLine,
            String text) {}

    public record ReturnedPoints(double points, double possible) {}

    /** @param level what a person said; null where nobody did */
    public record ReturnedCriterion(String text, @Nullable String level, double points, double possible) {}

    /** What its student sees; empty while it is not returned, or was opened again. */
    @Transactional(readOnly = true)
    public Optional<ReturnedWork> of(HandedIn s) {
        ReviewView view = reviews.view(s);
        return view.returnedAt() == null || view.settledBy() == null
                ? Optional.empty()
                : Optional.of(shown(s, view, view.returnedAt()));
    }

    /** What its student would see if it were returned now. */
    @Transactional(readOnly = true)
    public ReturnedWork outlook(HandedIn s, Instant now) {
        return shown(s, reviews.view(s), now);
    }

    private static ReturnedWork shown(HandedIn s, ReviewView view, Instant at) {
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
        return new ReturnedWork(
                at,
                changedAt(view, at),
                view.points(),
                view.possible(),
                view.late(),
                view.feedback(),
                view.remarks().stream()
                        .map(r -> new ReturnedRemark(r.item(), r.file(), r.line(), r.endLine(), r.text()))
                        .toList(),
                items,
                criteria);
    }

    private static @Nullable Instant changedAt(ReviewView view, Instant at) {
        return view.history().stream()
                .filter(c -> SEEN.contains(c.what()) && c.at().isAfter(at))
                .map(ReviewView.Change::at)
                .max(Instant::compareTo)
                .orElse(null);
    }
}
