package hausaufgabe.server.course;

import java.util.List;

/**
 * Whom somebody of the staff sees in a course.
 *
 * @param own the groups that they look after, which come first
 * @param everybody whether they see the other groups, too
 */
public record Sight(List<String> own, boolean everybody) {

    /** Those who see everybody and look after nobody. */
    public static final Sight ALL = new Sight(List.of(), true);

    public boolean sees(Student student) {
        return sees(student.group());
    }

    boolean sees(String group) {
        return everybody || own.contains(group);
    }
}
