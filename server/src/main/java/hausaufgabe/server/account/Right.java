package hausaufgabe.server.account;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.TreeSet;

/** What somebody may do. Who may do what, and which requests need which right, stands here and in {@link Doors} only. */
public enum Right {
    /** See the exercises of a course, hand in for oneself, see one's own. */
    STUDY,
    /** See the course: exercises, submissions, grades. */
    READ,
    /** Hand in for a student, and have something checked again. */
    HAND_IN,
    /** Give points and feedback, settle. */
    MARK,
    /** Write, change and open exercises. */
    SET_EXERCISES,
    /** Say what the course is called and who does what in it. */
    LEAD_COURSE,
    /** Begin a course. Belongs to an account, not to a duty. */
    MAKE_COURSES,
    /** Read how the server is. Belongs to an account, not to a duty. */
    WATCH,
    /** Make, reset and take away accounts. Belongs to an account, not to a duty. */
    MANAGE_ACCOUNTS;

    /** What a duty allows in its course. */
    static Set<Right> of(Duty duty) {
        return Collections.unmodifiableSet(
                switch (duty) {
                    case LEAD -> new TreeSet<>(EnumSet.of(READ, HAND_IN, MARK, SET_EXERCISES, LEAD_COURSE));
                    case TUTOR -> new TreeSet<>(EnumSet.of(READ, HAND_IN, MARK));
                    case READER -> new TreeSet<>(EnumSet.of(READ));
                    case STUDENT -> new TreeSet<>(EnumSet.of(STUDY));
                });
    }

    /** What an account allows whatever the course. */
    static Set<Right> of(Person.Role role) {
        return switch (role) {
            case LEAD -> EnumSet.of(READ, MAKE_COURSES, WATCH, MANAGE_ACCOUNTS);
            case TUTOR -> EnumSet.of(READ);
            case STUDENT -> EnumSet.of(STUDY);
        };
    }
}
