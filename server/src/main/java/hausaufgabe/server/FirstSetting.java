package hausaufgabe.server;

import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Roster;
import hausaufgabe.server.course.RosterUnusable;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.stereotype.Component;

/** What {@code serve --roster} sets up: a course with its students. */
@Component
class FirstSetting {

    private final Courses courses;

    FirstSetting(Courses courses) {
        this.courses = courses;
    }

    /** @throws RosterUnusable where the roster cannot be used; nothing is stored then, nor where there is a course already */
    void create(String title, Path roster) throws RosterUnusable, IOException {
        if (!courses.all().isEmpty()) {
            throw Problem.conflict("These records already hold a course; start without --roster.");
        }
        courses.create(title, Roster.read(roster));
    }
}
