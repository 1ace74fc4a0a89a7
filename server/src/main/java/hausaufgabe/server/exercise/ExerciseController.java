package hausaufgabe.server.exercise;

import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.server.account.CourseRights;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.account.Right;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Exercises as they are in force. */
@RestController
@RequestMapping("/api/exercises")
class ExerciseController {

    private final Exercises exercises;
    private final Courses courses;
    private final Staffing staffing;
    private final CourseRights rights;

    ExerciseController(Exercises exercises, Courses courses, Staffing staffing, CourseRights rights) {
        this.staffing = staffing;
        this.exercises = exercises;
        this.courses = courses;
        this.rights = rights;
    }

    /**
     * @param version number of the version in force; null for one that is still being written
     * @param dueAt null for no end
     */
    record ExerciseLine(
            long id,
            Courses.Heading course,
            int number,
            String title,
            @Nullable Integer version,
            @Nullable Instant opensAt,
            @Nullable Instant dueAt) {}

    /** What the rules of an exercise come to, for those who read them. */
    record Rules(
            String zone,
            @Nullable Instant opensAt,
            @Nullable Instant closesAt,
            int graceMinutes,
            double pointsPerDay,
            double percentPerDay,
            int attempts,
            ExerciseSettings.Counting counts,
            List<String> endings) {}

    /**
     * @param version number of the version in force; null for one that is still being written, of which nothing more is told here
     * @param dueAt null for no end
     */
    record ExerciseView(
            long id,
            Courses.Heading course,
            int number,
            String title,
            @Nullable Integer version,
            String brief,
            @Nullable Instant dueAt,
            @Nullable Rules rules,
            List<PatternView> patterns,
            List<Criterion> criteria,
            List<Student> students,
            List<Right> rights) {}

    /** Those of all courses that whoever asks has something to do in. */
    @GetMapping
    List<ExerciseLine> all(@AuthenticationPrincipal Person staff) {
        return courses.all().stream()
                .filter(c -> rights.of(staff, c.id()).contains(Right.READ))
                .flatMap(c -> exercises.ofCourse(c.id()).stream().map(e -> line(c, e)))
                .toList();
    }

    private ExerciseLine line(Courses.Heading course, Exercises.Line e) {
        Optional<Exercises.Version> v = Optional.ofNullable(e.version()).map(exercises::version);
        return new ExerciseLine(
                e.id(),
                course,
                e.number(),
                e.title(),
                v.map(Exercises.Version::number).orElse(null),
                v.flatMap(x -> x.settings().opening())
                        .map(java.time.ZonedDateTime::toInstant)
                        .orElse(null),
                v.flatMap(Exercises.Version::dueAt).orElse(null));
    }

    /** An exercise as it is in force: what is set, what is asked, and its rules. */
    @GetMapping("/{id}")
    ExerciseView one(@PathVariable long id, @AuthenticationPrincipal Person staff) {
        Exercises.Line e = exercises.line(id);
        Optional<Exercises.Version> v = exercises.inForce(id);
        return new ExerciseView(
                e.id(),
                courses.heading(e.courseId()),
                e.number(),
                v.map(x -> x.settings().title()).orElse(e.title()),
                v.map(Exercises.Version::number).orElse(null),
                v.map(x -> x.folder().brief()).orElse(""),
                v.flatMap(Exercises.Version::dueAt).orElse(null),
                v.map(x -> rules(x.settings())).orElse(null),
                v.map(x -> PatternView.all(x.patterns())).orElse(List.of()),
                v.map(x -> x.settings().criteria()).orElse(List.of()),
                courses.students(e.courseId()).stream()
                        .filter(staffing.sight(staff, e.courseId())::sees)
                        .toList(),
                rights.of(staff, e.courseId()));
    }

    private static Rules rules(ExerciseSettings s) {
        return new Rules(
                s.zone().getId(),
                s.opening().map(java.time.ZonedDateTime::toInstant).orElse(null),
                s.close().map(java.time.ZonedDateTime::toInstant).orElse(null),
                s.late().graceMinutes(),
                s.late().pointsPerDay().doubleValue(),
                s.late().percentPerDay().doubleValue(),
                s.attempts().most(),
                s.attempts().counts(),
                SourceFiles.of(s.languages()).endings());
    }
}
