package hausaufgabe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

@Entity
class Course {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String title;

    /** As people say it, such as "autumn 2026"; may be empty. */
    String term;

    /** Where the clocks hang that its times are told by. */
    String zone;

    /** Whether tutors see the groups that they do not look after. */
    boolean tutorsSeeAll = true;

    protected Course() {}

    Course(String title, String term, String zone) {
        this.title = title;
        this.term = term;
        this.zone = zone;
    }

    Courses.Heading heading() {
        return new Courses.Heading(id, title, term);
    }
}
