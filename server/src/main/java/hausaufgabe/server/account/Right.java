package hausaufgabe.server.account;

import java.util.EnumSet;
import java.util.Set;

/** What somebody may do. Who may do what, and which requests need which right, stands here and in {@link Doors} only. */
enum Right {
    /** See the course: exercises, submissions, grades. */
    READ,
    /** Hand in for a student, and have something checked again. */
    HAND_IN,
    /** Give points and feedback, settle. */
    MARK,
    /** Make, reset and take away accounts. */
    MANAGE_ACCOUNTS;

    static Set<Right> of(Staff.Role role) {
        return switch (role) {
            case LEAD -> EnumSet.allOf(Right.class);
            case TUTOR -> EnumSet.of(READ, HAND_IN, MARK);
        };
    }
}
