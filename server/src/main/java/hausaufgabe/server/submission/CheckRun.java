package hausaufgabe.server.submission;

import hausaufgabe.core.report.CheckReport;
import jakarta.persistence.Basic;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.math.BigDecimal;
import java.time.Instant;

/** One check of a submission, as it ended. Never changed; which one counts, the submission says. */
@Entity
class CheckRun {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long submissionId;

    /** The version of the exercise it was checked with; null where the check broke. */
    Long exerciseVersion;

    Instant endedAt;

    /** Why there is no report; null where there is one. */
    String failure;

    /** A check report as JSON; null where the check broke. */
    @Lob
    @Basic(fetch = FetchType.LAZY)
    String report;

    Boolean compiled;

    @Enumerated(EnumType.STRING)
    CheckReport.Verdict verdict;

    String form;
    BigDecimal earned;
    BigDecimal possible;
    Integer openClaims;
    String marks;
    String items;
    String print;

    protected CheckRun() {}

    CheckRun(Long submissionId, Instant endedAt, String failure) {
        this.submissionId = submissionId;
        this.endedAt = endedAt;
        this.failure = failure;
    }

    CheckRun(Long submissionId, Long exerciseVersion, Instant endedAt, String report, Summary summary) {
        this.submissionId = submissionId;
        this.exerciseVersion = exerciseVersion;
        this.endedAt = endedAt;
        this.report = report;
        this.compiled = summary.compiled();
        this.verdict = summary.verdict();
        this.form = summary.form();
        this.earned = BigDecimal.valueOf(summary.earned());
        this.possible = BigDecimal.valueOf(summary.possible());
        this.openClaims = summary.openClaims();
        this.marks = summary.marksAsJson();
        this.items = summary.itemsAsJson();
        this.print = summary.print();
    }
}
