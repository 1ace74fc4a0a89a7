package hausaufgabe.server.submission;

import hausaufgabe.server.account.Memberships;
import hausaufgabe.server.account.Staff;
import hausaufgabe.server.exercise.Exercises;
import org.springframework.stereotype.Component;

/** Whom news of an exercise concerns: those who have something to do in its course, as it is when it is told. */
@Component
class Audience {

    private final Exercises exercises;
    private final Memberships memberships;

    Audience(Exercises exercises, Memberships memberships) {
        this.exercises = exercises;
        this.memberships = memberships;
    }

    boolean includes(Staff staff, long exercise) {
        return exercises
                .courseOf(exercise)
                .flatMap(course -> memberships.duty(staff, course))
                .isPresent();
    }
}
