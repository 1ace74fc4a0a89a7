package hausaufgabe.server.grade;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.review.SecondMarks;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Somebody of the staff, with what of the marks they may see.
 *
 * @param hidden submissions that they read a second time just now, without seeing what the first gave
 */
record Viewer(Person person, Sight sight, Set<Long> hidden) {

    /** Who may see what. */
    @Component
    static class Viewers {

        private final Staffing staffing;
        private final SecondMarks second;

        Viewers(Staffing staffing, SecondMarks second) {
            this.staffing = staffing;
            this.second = second;
        }

        Viewer of(Person person, long course) {
            return new Viewer(person, staffing.sight(person, course), second.hidden(person));
        }
    }
}
