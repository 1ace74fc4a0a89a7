package hausaufgabe.server.submission;

import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Memberships;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.exercise.Exercises;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Whom news of a submission concerns, as it is when it is told: the staff of its course, and the student whose it is.
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

    /** @param student whose submission it is */
    boolean includes(Person person, long exercise, long student) {
        Optional<Long> course = exercises.courseOf(exercise);
        Optional<Duty> duty = course.flatMap(c -> memberships.duty(person, c));
        return duty.isPresent()
                && (duty.get() != Duty.STUDENT
                        || courses.studying(person, course.orElseThrow()).id() == student);
    }
}
