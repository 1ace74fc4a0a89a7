package hausaufgabe.server.course;

/**
 * A student.
 *
 * @param number what the school knows the student by
 * @param group the group that a tutor looks after; empty for none
 * @param email empty where it is not known
 * @param left whether the student is no longer in the course; what was handed in stays
 */
public record Student(long id, String number, String name, String group, String email, boolean left) {

    /** A student who is not in the records yet, or of whom no more is known. */
    public Student(long id, String number, String name, String group) {
        this(id, number, name, group, "", false);
    }
}
