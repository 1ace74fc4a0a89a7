package hausaufgabe.server.exercise;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.server.Problem;
import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The exercises of a course. */
@Service
public class Exercises {

    interface Repository extends JpaRepository<Exercise, Long> {
        List<Exercise> findByCourseIdOrderByNumber(Long courseId);
    }

    private final Repository exercises;

    Exercises(Repository exercises) {
        this.exercises = exercises;
    }

    /**
     * An exercise as it is set.
     *
     * @param brief in Markdown
     * @param patternText in the notation
     */
    public record Setting(
            long id, long courseId, int number, String title, String brief, String patternText, Instant dueAt) {

        public DesignPattern pattern() {
            return Patterns.parse(patternText);
        }
    }

    /** @throws hausaufgabe.core.notation.NotationException where the pattern's text is none */
    @Transactional
    public Setting create(long course, int number, String title, String brief, String patternText, Instant dueAt) {
        Patterns.parse(patternText);
        return setting(exercises.save(new Exercise(course, number, title, brief, patternText, dueAt)));
    }

    @Transactional(readOnly = true)
    public List<Setting> ofCourse(long course) {
        return exercises.findByCourseIdOrderByNumber(course).stream()
                .map(Exercises::setting)
                .toList();
    }

    /** @throws Problem where there is no such exercise */
    @Transactional(readOnly = true)
    public Setting get(long id) {
        return exercises
                .findById(id)
                .map(Exercises::setting)
                .orElseThrow(() -> Problem.notFound("There is no such exercise."));
    }

    private static Setting setting(Exercise e) {
        return new Setting(e.id, e.courseId, e.number, e.title, e.brief, e.patternText, e.dueAt);
    }
}
