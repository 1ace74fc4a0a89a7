package hausaufgabe.server.moving;

import java.util.List;
import java.util.Map;

/** Which records make up a course, and which are never taken along. */
final class CourseRecords {

    /** The people whom the records of a course name. */
    static final String PEOPLE = "account";

    private static final String EXERCISES = "(select e.id from exercise e where e.course_id = :course)";
    private static final String SUBMISSIONS =
            "(select u.id from submission u where u.exercise_id in " + EXERCISES + ")";

    /**
     * Records of one table.
     *
     * @param which the condition that holds for those of a course
     */
    record Shelf(String table, String which) {

        private static Shelf ofExercises(String table) {
            return new Shelf(table, "exercise_id in " + EXERCISES);
        }

        private static Shelf ofSubmissions(String table) {
            return new Shelf(table, "submission_id in " + SUBMISSIONS);
        }

        private static Shelf ofCourse(String table) {
            return new Shelf(table, "course_id = :course");
        }
    }

    /** Each after those it refers to, but for an exercise and a submission, which refer to one of what is theirs. */
    static final List<Shelf> TAKEN = List.of(
            new Shelf("course", "id = :course"),
            Shelf.ofCourse("student"),
            Shelf.ofCourse("exercise"),
            Shelf.ofExercises("exercise_version"),
            Shelf.ofExercises("manuscript_file"),
            Shelf.ofCourse("membership"),
            Shelf.ofCourse("course_scheme"),
            Shelf.ofCourse("library_remark"),
            Shelf.ofCourse("course_change"),
            Shelf.ofExercises("extension"),
            Shelf.ofExercises("excuse"),
            Shelf.ofExercises("assignment"),
            Shelf.ofExercises("hand_back"),
            new Shelf(
                    "content",
                    "hash in (select u.source_hash from submission u where u.exercise_id in " + EXERCISES
                            + " union select t.source_hash from step t where t.submission_id in " + SUBMISSIONS + ")"),
            Shelf.ofExercises("submission"),
            Shelf.ofSubmissions("check_run"),
            Shelf.ofSubmissions("job"),
            Shelf.ofSubmissions("review"),
            Shelf.ofSubmissions("point_decision"),
            Shelf.ofSubmissions("grade_change"),
            Shelf.ofSubmissions("role_binding"),
            Shelf.ofSubmissions("remark"),
            Shelf.ofSubmissions("question"),
            Shelf.ofSubmissions("push"),
            Shelf.ofSubmissions("step"),
            Shelf.ofSubmissions("second_reading"),
            new Shelf(
                    "second_points",
                    "reading_id in (select s.id from second_reading s where s.submission_id in " + SUBMISSIONS + ")"));

    /** Tables of which nothing is taken along, with the reason. */
    static final Map<String, String> LEFT = Map.of(
            "account_link", "opens an account of this installation",
            "recovery_code", "opens an account of this installation",
            "access_token", "opens an account of this installation",
            "sign_in_attempt", "is about the door of this installation",
            "pile", "counts for nothing before it is confirmed",
            "pile_piece", "counts for nothing before it is confirmed",
            "joint_answer", "undoes something by the numbers of this installation; what it did is in the history");

    private CourseRecords() {}
}
