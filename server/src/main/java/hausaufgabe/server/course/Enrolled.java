package hausaufgabe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

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

    protected Enrolled() {}

    Enrolled(Long courseId, String number, String name, String groupName) {
        this.courseId = courseId;
        this.number = number;
        this.name = name;
        this.groupName = groupName;
    }

    Student asStudent() {
        return new Student(id, number, name, groupName);
    }
}
