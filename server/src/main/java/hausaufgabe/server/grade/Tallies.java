package hausaufgabe.server.grade;

import hausaufgabe.core.marking.Marking;
import hausaufgabe.server.submission.Summary;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * What submissions are worth with what people decided about them. Worked out once for each state of the marks, since a sheet of a
 * whole course asks for tens of thousands.
 */
@Component
class Tallies {

    /** So many are asked of the records in one question. */
    private static final int CHUNK = 2_000;
    /** Beyond that many the memory is begun anew. */
    private static final int REMEMBERED = 300_000;

    private static final String DECIDED = """
            select d.key.submissionId as submission, d.key.item as item, d.points as points, r.items as items
            from PointDecision d
            join Submission s on s.id = d.key.submissionId
            join CheckRun r on r.id = s.currentRun
            where s.id in :submissions
            """;

    private final EntityManager entities;
    private final Map<Long, Kept> kept = new ConcurrentHashMap<>();

    Tallies(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * A submission as it was read.
     *
     * @param run its check
     * @param review version of its marks; below 0 where nobody has begun
     * @param earned points the check proposes
     * @param open questions that the check left
     */
    record Work(long submission, long run, int review, double earned, double possible, int open) {

        private Worth proposed() {
            return new Worth(Marking.quarter(earned), Marking.quarter(possible), open);
        }
    }

    /**
     * @param points before rounding and lateness
     * @param open what the check could not decide and no person has yet
     */
    record Worth(double points, double possible, int open) {}

    private record Kept(long run, int review, Worth worth) {

        private boolean fits(Work w) {
            return run == w.run() && review == w.review();
        }
    }

    /** By submission. */
    Map<Long, Worth> of(Collection<Work> all) {
        Map<Long, Worth> found = new HashMap<>();
        List<Work> unknown = new ArrayList<>();
        for (Work w : all) {
            Kept k = kept.get(w.submission());
            if (w.review() < 0) {
                found.put(w.submission(), w.proposed());
            } else if (k != null && k.fits(w)) {
                found.put(w.submission(), k.worth());
            } else {
                unknown.add(w);
            }
        }
        if (kept.size() + unknown.size() > REMEMBERED) {
            kept.clear();
        }
        for (int i = 0; i < unknown.size(); i += CHUNK) {
            workOut(unknown.subList(i, Math.min(unknown.size(), i + CHUNK)), found);
        }
        return found;
    }

    private void workOut(List<Work> some, Map<Long, Worth> found) {
        Map<Long, Map<String, BigDecimal>> decided = new HashMap<>();
        Map<Long, String> items = new HashMap<>();
        for (Tuple t : entities.createQuery(DECIDED, Tuple.class)
                .setParameter("submissions", some.stream().map(Work::submission).toList())
                .getResultList()) {
            Long submission = t.get("submission", Long.class);
            decided.computeIfAbsent(submission, k -> new HashMap<>())
                    .put(t.get("item", String.class), t.get("points", BigDecimal.class));
            items.put(submission, t.get("items", String.class));
        }
        for (Work w : some) {
            Worth worth = decided.containsKey(w.submission())
                    ? worth(w, decided.get(w.submission()), items.get(w.submission()))
                    : w.proposed();
            kept.put(w.submission(), new Kept(w.run(), w.review(), worth));
            found.put(w.submission(), worth);
        }
    }

    private static Worth worth(Work w, Map<String, BigDecimal> decided, String items) {
        double sum = 0;
        int open = 0;
        for (Summary.Item i : Summary.items(items)) {
            BigDecimal given = decided.get(i.key());
            sum += given == null ? i.proposed() : given.doubleValue();
            open += i.open() && given == null ? 1 : 0;
        }
        return new Worth(Marking.quarter(sum), Marking.quarter(w.possible()), open);
    }
}
