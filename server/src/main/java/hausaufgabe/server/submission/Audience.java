package hausaufgabe.server.submission;

import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Memberships;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.exercise.Exercises;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Whom news of a submission concerns, as it is when it is told: the staff of its course who see
 * its student; and the student whose it is, where it is about the check.
 */
@Component
class Audience {

    private final Exercises exercises;
    private final Memberships memberships;
    private final Courses courses;

    Audience(Exercises exercises, Memberships memberships, Courses courses) {
        this.exercises = exercises;
        this.memberships = memberships;
        this.courses = courses;
    }

    boolean includes(Person person, NewsItem item) {
        if (item instanceof NewsItem.Decided d) {
            return memberships
                    .duty(person, d.courseId())
                    .filter(x -> x != Duty.STUDENT)
                    .isPresent();
        }
        if (item instanceof NewsItem.Progress p) {
            return concerns(person, p.exerciseId(), p.studentId(), true);
        }
        if (item instanceof NewsItem.Marked m) {
            return concerns(person, m.exerciseId(), m.studentId(), false);
        }
        NewsItem.Reading r = (NewsItem.Reading) item;
        return concerns(person, r.exerciseId(), r.studentId(), false);
    }

    /** @param also whether the student is told, too */
    private boolean concerns(Person person, long exercise, long student, boolean also) {
        Optional<Long> course = exercises.courseOf(exercise);
        Optional<Duty> duty = course.flatMap(c -> memberships.duty(person, c));
        if (duty.isEmpty()) {
            return false;
        }
        long c = course.orElseThrow();
        return duty.get() == Duty.STUDENT
                ? also && courses.studying(person, c).id() == student
                : memberships.sees(person, c, courses.student(c, student).group());
    }
}
