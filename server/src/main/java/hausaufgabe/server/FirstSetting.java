package hausaufgabe.server;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Roster;
import hausaufgabe.server.exercise.Exercises;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** What {@code serve --roster} sets up: a course with its students, and the one exercise of this version. */
@Component
class FirstSetting {

    private static final String BRIEF =
            "Write a program in which a class leaves part of its work to an algorithm that can be "
                    + "exchanged. Use the Strategy pattern. Names, fields and packages are yours.";

    private final Courses courses;
    private final Exercises exercises;
    private final Clock clock;

    FirstSetting(Courses courses, Exercises exercises, Clock clock) {
        this.courses = courses;
        this.exercises = exercises;
        this.clock = clock;
    }

    /** @throws Roster.Unusable where the roster cannot be used; nothing is stored then, nor where there is a course already */
    void create(String title, Path roster) throws Roster.Unusable, IOException {
        if (courses.first().isPresent()) {
            throw Problem.conflict("These records already hold a course; start without --roster.");
        }
        Courses.Heading course = courses.create(title, Roster.read(roster));
        exercises.create(
                course.id(),
                1,
                "An exchangeable algorithm",
                BRIEF,
                Catalogue.text("strategy").orElseThrow(),
                Instant.now(clock).plus(Duration.ofDays(14)));
    }
}
