package hausaufgabe.server.course;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Something that was decided about a course, as a record. Only ever added. */
@Entity
class CourseChange {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long courseId;
    Long exerciseId;
    Long studentId;

    @Enumerated(EnumType.STRING)
    CourseLog.Aspect what;

    @Column(name = "before")
    String before;

    @Column(name = "after")
    String after;

    String reason;
    Long changedBy;
    Instant changedAt;

    protected CourseChange() {}

    CourseChange(CourseLog.Entry entry, Long by, Instant at) {
        this.courseId = entry.course();
        this.exerciseId = entry.exercise();
        this.studentId = entry.student();
        this.what = entry.what();
        this.before = entry.before();
        this.after = entry.after();
        this.reason = entry.reason();
        this.changedBy = by;
        this.changedAt = at;
    }
}
