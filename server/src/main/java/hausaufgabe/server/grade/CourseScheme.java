package hausaufgabe.server.grade;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;

/** A course's way to its grades, as a record. */
@Entity
class CourseScheme extends UnsavedUntilStored<Long> {

    @Id
    Long courseId;

    /** In JSON. */
    @Lob
    String scheme;

    @Version
    int version;

    protected CourseScheme() {}

    CourseScheme(Long courseId) {
        this.courseId = courseId;
    }

    @Override
    public Long getId() {
        return courseId;
    }
}
