package hausaufgabe.server.review;

import hausaufgabe.core.marking.Marking;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the staff of a course say again and again, shared by all of them. What was said with it stays when it changes. */
@Service
public class RemarkLibrary {

    private static final int MOST_POINTS = 1_000;
    private static final int LONGEST_ABOUT = 120;

    interface Repository extends JpaRepository<LibraryRemark, Long> {
        List<LibraryRemark> findByCourseIdOrderByUsedDescIdAsc(Long courseId);
    }

    private final Repository remarks;
    private final Accounts accounts;
    private final Clock clock;

    RemarkLibrary(Repository remarks, Accounts accounts, Clock clock) {
        this.remarks = remarks;
        this.accounts = accounts;
        this.clock = clock;
    }

    /**
     * A remark of the library.
     *
     * @param about requirement, scenario or criterion; null where about anything
     * @param text in Markdown, with names of roles and members in braces
     * @param points given with it for what it is about; null where none are
     * @param used how often it was used
     */
    record KeptRemark(
            long id,
            @Nullable String about,
            String text,
            @Nullable Double points,
            int used,
            String by,
            Instant changedAt) {}

    /** What is to be kept. */
    record RemarkToKeep(
            @Nullable String about, String text, @Nullable Double points) {}

    /** Most used first. */
    @Transactional(readOnly = true)
    List<KeptRemark> of(long course) {
        Map<Long, String> names = accounts.names();
        return remarks.findByCourseIdOrderByUsedDescIdAsc(course).stream()
                .map(r -> view(r, names))
                .toList();
    }

    private static KeptRemark view(LibraryRemark r, Map<Long, String> names) {
        return new KeptRemark(
                r.id,
                r.about,
                r.text,
                r.points == null ? null : r.points.doubleValue(),
                r.used,
                names.get(r.madeBy),
                r.changedAt);
    }

    /**
     * Keeps a remark; one that says just the same of the same is taken for it.
     *
     * @throws Problem where there is nothing to say, or the points are none
     */
    @Transactional
    KeptRemark keep(long course, RemarkToKeep kept, Person by) {
        String text = Remarks.fitting(kept.text());
        LibraryRemark r = remarks.findByCourseIdOrderByUsedDescIdAsc(course).stream()
                .filter(x -> x.text.equals(text) && Objects.equals(x.about, kept.about()))
                .findFirst()
                .orElseGet(() -> new LibraryRemark(course));
        return written(r, kept, by);
    }

    @Transactional
    KeptRemark change(long course, long remark, RemarkToKeep kept, Person by) {
        return written(get(course, remark), kept, by);
    }

    private KeptRemark written(LibraryRemark r, RemarkToKeep kept, Person by) {
        Double points = kept.points();
        if (points != null && (points < 0 || points > MOST_POINTS || Marking.quarter(points) != points)) {
            throw Problem.badRequest("Points are given from 0, in quarters. Nothing was kept.");
        }
        if (kept.about() != null && kept.about().length() > LONGEST_ABOUT) {
            throw Problem.badRequest("There is no such requirement. Nothing was kept.");
        }
        r.about = kept.about();
        r.text = Remarks.fitting(kept.text());
        r.points = points == null ? null : BigDecimal.valueOf(points);
        r.madeBy = by.id();
        r.changedAt = Instant.now(clock);
        return view(remarks.save(r), accounts.names());
    }

    @Transactional
    void remove(long course, long remark) {
        remarks.delete(get(course, remark));
    }

    private LibraryRemark get(long course, long remark) {
        return remarks.findById(remark)
                .filter(r -> r.courseId == course)
                .orElseThrow(() -> Problem.notFound("This remark is not in the library any more."));
    }

    /** Counts one more use; of a remark that somebody has taken out meanwhile nothing is counted. */
    void used(long remark) {
        remarks.findById(remark).ifPresent(r -> {
            r.used++;
            remarks.save(r);
        });
    }
}
