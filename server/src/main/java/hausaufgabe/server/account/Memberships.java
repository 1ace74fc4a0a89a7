package hausaufgabe.server.account;

import java.util.Optional;

/** Who does what in which course. */
public interface Memberships {

    /** Empty where somebody has nothing to do with a course. */
    Optional<Duty> duty(Person person, long course);

    /** Whether somebody of the staff of a course sees what belongs to a group's students. */
    boolean sees(Person person, long course, String group);
}
