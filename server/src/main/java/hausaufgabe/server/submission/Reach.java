package hausaufgabe.server.submission;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.exercise.Exercises;
import org.springframework.stereotype.Component;

/** Whether somebody of the staff sees the students for whom they want to do something. */
@Component
public class Reach {

    private final Courses courses;
    private final Staffing staffing;
    private final Exercises exercises;

    Reach(Courses courses, Staffing staffing, Exercises exercises) {
        this.courses = courses;
        this.staffing = staffing;
        this.exercises = exercises;
    }

    /** @throws Problem where they do not see the student */
    public void check(Person person, long exercise, long student) {
        long course = exercises.line(exercise).courseId();
        if (!sight(person, course).sees(courses.student(course, student))) {
            throw Problem.forbidden(
                    "This student is in a group that you do not look after. Nothing was stored; ask whoever leads the course.");
        }
    }

    /** @throws Problem where there are students that they do not see */
    void checkEverybody(Person person, long exercise) {
        if (!sight(person, exercises.line(exercise).courseId()).everybody()) {
            throw Problem.forbidden(
                    "In this course tutors see just the groups that they look after, and a pile is of everybody."
                            + " Hand in for one student at a time, or ask whoever leads the course.");
        }
    }

    private Sight sight(Person person, long course) {
        return staffing.sight(person, course);
    }
}
