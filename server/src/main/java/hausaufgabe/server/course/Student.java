package hausaufgabe.server.course;

/**
 * A student.
 *
 * @param number what the school knows the student by
 * @param group the group that a tutor looks after
 */
public record Student(long id, String number, String name, String group) {}
