package hausaufgabe.server.exercise;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

@Entity
class Exercise {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long courseId;
    int number;

    /** As the manuscript has it, for lists. */
    String title;

    /** The version that submissions are judged by; null as long as it was not opened. */
    Long currentVersion;

    /** Whether its checks are held back. */
    boolean checksPaused;

    protected Exercise() {}

    Exercise(Long courseId, int number, String title) {
        this.courseId = courseId;
        this.number = number;
        this.title = title;
    }
}
