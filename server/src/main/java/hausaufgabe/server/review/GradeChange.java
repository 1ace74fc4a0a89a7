package hausaufgabe.server.review;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** One change of a grade. Only ever added. */
@Entity
class GradeChange {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long submissionId;

    @Enumerated(EnumType.STRING)
    Aspect what;

    String item;

    @Column(name = "before")
    String before;

    @Column(name = "after")
    String after;

    String reason;
    Long changedBy;
    Instant changedAt;

    /** What was changed. */
    enum Aspect {
        POINTS,
        FEEDBACK,
        REMARK,
        BINDING,
        RETURNED,
        /** A second person has read it. */
        SECOND,
        SETTLED
    }

    protected GradeChange() {}

    GradeChange(
            Long submissionId,
            Aspect what,
            String item,
            String before,
            String after,
            String reason,
            Long by,
            Instant at) {
        this.submissionId = submissionId;
        this.what = what;
        this.item = item;
        this.before = before;
        this.after = after;
        this.reason = reason;
        this.changedBy = by;
        this.changedAt = at;
    }
}
