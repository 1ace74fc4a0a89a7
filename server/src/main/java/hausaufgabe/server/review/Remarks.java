package hausaufgabe.server.review;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is said of claims and lines of a submission. Every change goes into the history of its marks. */
@Service
public class Remarks {

    static final int LONGEST = 4_000;

    interface Repository extends JpaRepository<Remark, Long> {
        List<Remark> findBySubmissionIdOrderById(Long submissionId);
    }

    private final Repository remarks;
    private final Reviews reviews;
    private final RemarkLibrary library;
    private final Submissions submissions;
    private final Accounts accounts;
    private final Clock clock;

    Remarks(
            Repository remarks,
            Reviews reviews,
            RemarkLibrary library,
            Submissions submissions,
            Accounts accounts,
            Clock clock) {
        this.remarks = remarks;
        this.reviews = reviews;
        this.library = library;
        this.submissions = submissions;
        this.accounts = accounts;
        this.clock = clock;
    }

    /**
     * A remark as it is shown.
     *
     * @param item what it is about; null where it is about lines
     * @param file null where it is about a claim
     * @param line from 1; null where it is about a claim
     * @param text in Markdown
     */
    public record RemarkView(
            long id,
            @Nullable String item,
            @Nullable String file,
            @Nullable Integer line,
            @Nullable Integer endLine,
            String text,
            String by,
            Instant at) {}

    /**
     * What is to be said.
     *
     * @param library the remark of the library that it was made from; null where it was written here
     */
    record NewRemark(
            @Nullable String item,
            @Nullable String file,
            @Nullable Integer line,
            @Nullable Integer endLine,
            String text,
            @Nullable Long library) {}

    /** First made first. */
    @Transactional(readOnly = true)
    public List<RemarkView> of(long submission) {
        Map<Long, String> names = accounts.names();
        return remarks.findBySubmissionIdOrderById(submission).stream()
                .map(r -> view(r, names))
                .toList();
    }

    static RemarkView view(Remark r, Map<Long, String> names) {
        return new RemarkView(r.id, r.item, r.file, r.line, r.endLine, r.text, names.get(r.madeBy), r.madeAt);
    }

    /**
     * Says something of a claim or of lines.
     *
     * @throws Problem where there is nothing to say, or nothing that it could be about; nothing is kept then
     */
    @Transactional
    void add(long submission, NewRemark said, String version, Person by) {
        HandedIn s = submissions.get(submission);
        String text = fitting(said.text());
        if (said.item() != null) {
            if (Items.find(s, said.item()).isEmpty()) {
                throw Problem.notFound("There is no such requirement, scenario or criterion any more.");
            }
        } else {
            requireLines(submission, said);
        }
        Remark r = new Remark(
                submission,
                said.item(),
                said.item() == null ? said.file() : null,
                said.item() == null ? said.line() : null,
                said.item() == null ? said.endLine() : null);
        r.text = text;
        r.madeBy = by.id();
        r.madeAt = Instant.now(clock);
        reviews.change(submission, version, GradeChange.Aspect.REMARK, said.item(), null, text, null, by);
        remarks.save(r);
        if (said.library() != null) {
            library.used(said.library());
        }
    }

    private void requireLines(long submission, NewRemark said) {
        boolean there = said.line() != null
                && said.endLine() != null
                && said.line() >= 1
                && said.endLine() >= said.line()
                && submissions.sources(submission).sources().stream()
                        .anyMatch(f -> f.path().equals(said.file())
                                && said.endLine()
                                        <= Math.max(1, f.text().lines().count()));
        if (!there) {
            throw Problem.badRequest("Choose a claim or lines of a file that was handed in. Nothing was kept.");
        }
    }

    @Transactional
    void rewrite(long submission, long remark, String text, String version, Person by) {
        Remark r = get(submission, remark);
        String now = fitting(text);
        reviews.change(submission, version, GradeChange.Aspect.REMARK, r.item, r.text, now, null, by);
        r.text = now;
        r.madeBy = by.id();
        r.madeAt = Instant.now(clock);
        remarks.save(r);
    }

    @Transactional
    void remove(long submission, long remark, String version, Person by) {
        Remark r = get(submission, remark);
        reviews.change(submission, version, GradeChange.Aspect.REMARK, r.item, r.text, null, null, by);
        remarks.delete(r);
    }

    private Remark get(long submission, long remark) {
        return remarks.findById(remark)
                .filter(r -> Objects.equals(r.submissionId, submission))
                .orElseThrow(() -> Problem.notFound("This remark is not there any more."));
    }

    static String fitting(@Nullable String text) {
        String stripped = text == null ? "" : text.strip();
        if (stripped.isEmpty()) {
            throw Problem.badRequest("Write what is to be said. Nothing was kept.");
        }
        if (stripped.length() > LONGEST) {
            throw Problem.badRequest(
                    "A remark can be 4,000 characters long; this is " + stripped.length() + ". Nothing was kept.");
        }
        return stripped;
    }
}
