package hausaufgabe.server.exercise;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

@Entity
class Exercise {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long courseId;
    int number;
    String title;
    String brief;
    String patternText;
    Instant dueAt;

    protected Exercise() {}

    Exercise(Long courseId, int number, String title, String brief, String patternText, Instant dueAt) {
        this.courseId = courseId;
        this.number = number;
        this.title = title;
        this.brief = brief;
        this.patternText = patternText;
        this.dueAt = dueAt;
    }
}
