package hausaufgabe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A student of a course, as a record. */
@Entity
@Table(name = "student")
class Enrolled {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long courseId;
    String number;
    String name;
    String groupName;
    String email = "";

    /** Null while the student is in the course. */
    Instant leftAt;

    /** Null until there is something to sign in with. */
    Long accountId;

    protected Enrolled() {}

    Enrolled(Long courseId, Student student) {
        this.courseId = courseId;
        this.number = student.number();
        take(student);
    }

    /** Takes on what may change of a student; the number does not. */
    final void take(Student student) {
        name = student.name();
        groupName = student.group();
        email = student.email();
    }

    Student asStudent() {
        return new Student(id, number, name, groupName, email, leftAt != null);
    }
}
