package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;

/** A remark that the staff of a course keep to use again. */
@Entity
class LibraryRemark {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long courseId;

    /** What it is about, as points are kept by; null where about anything. */
    String about;

    /** With names of roles and members in braces, in whose place the student's own names come. */
    String text;

    /** Null where it says nothing of points. */
    BigDecimal points;

    int used;
    Long madeBy;
    Instant changedAt;

    protected LibraryRemark() {}

    LibraryRemark(Long courseId) {
        this.courseId = courseId;
    }
}
