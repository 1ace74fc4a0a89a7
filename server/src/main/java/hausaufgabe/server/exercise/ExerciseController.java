package hausaufgabe.server.exercise;

import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/exercises")
class ExerciseController {

    private final Exercises exercises;
    private final Courses courses;

    ExerciseController(Exercises exercises, Courses courses) {
        this.exercises = exercises;
        this.courses = courses;
    }

    record ExerciseLine(long id, int number, String title, Instant dueAt) {}

    record ExerciseView(
            long id,
            Courses.Heading course,
            int number,
            String title,
            String brief,
            Instant dueAt,
            PatternView pattern,
            List<Student> students) {}

    @GetMapping
    List<ExerciseLine> all() {
        return courses.first()
                .map(c -> exercises.ofCourse(c.id()).stream()
                        .map(e -> new ExerciseLine(e.id(), e.number(), e.title(), e.dueAt()))
                        .toList())
                .orElse(List.of());
    }

    @GetMapping("/{id}")
    ExerciseView one(@PathVariable long id) {
        Exercises.Setting e = exercises.get(id);
        return new ExerciseView(
                e.id(),
                courses.first().orElseThrow(),
                e.number(),
                e.title(),
                e.brief(),
                e.dueAt(),
                PatternView.of(e.pattern()),
                courses.students(e.courseId()));
    }
}
