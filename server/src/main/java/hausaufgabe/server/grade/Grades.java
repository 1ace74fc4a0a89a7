package hausaufgabe.server.grade;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Status;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.review.ReviewView;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** The grade sheet of an exercise: every student, with the last attempt. */
@Service
class Grades {

    private final Courses courses;
    private final Exercises exercises;
    private final Submissions submissions;
    private final Reviews reviews;

    Grades(Courses courses, Exercises exercises, Submissions submissions, Reviews reviews) {
        this.courses = courses;
        this.exercises = exercises;
        this.submissions = submissions;
        this.reviews = reviews;
    }

    /** A requirement or scenario in a row, told by its stroke. */
    record Mark(String label, Stroke stroke) {}

    /** The five strokes of a verdict. */
    enum Stroke {
        MET,
        PARTLY,
        MISSING,
        UNCLEAR,
        NOT_APPLICABLE
    }

    /**
     * One student.
     *
     * @param handedIn null where nothing was
     * @param points null before there is a report
     * @param markedBy name of who settled it, or of who last changed it; null when nobody has
     */
    record Row(
            Student student,
            LastAttempt handedIn,
            Double points,
            Double possible,
            String markedBy,
            boolean settled,
            String feedback) {}

    /** @param verdict null before there is a report */
    record LastAttempt(
            long submissionId,
            int attempt,
            Instant uploadedAt,
            boolean late,
            HandedIn.State state,
            String progress,
            String failure,
            boolean compiled,
            CheckReport.Verdict verdict,
            String form,
            int toSettle,
            List<Mark> marks) {}

    record Sheet(long exerciseId, int number, String title, String course, List<Row> rows) {}

    Sheet sheet(long exercise) {
        Exercises.Setting setting = exercises.get(exercise);
        Map<Long, HandedIn> last = new LinkedHashMap<>();
        submissions.ofExercise(exercise).forEach(s -> last.put(s.studentId(), s));
        List<Row> rows = courses.students(setting.courseId()).stream()
                .map(student -> row(student, last.get(student.id()), setting))
                .toList();
        return new Sheet(
                setting.id(),
                setting.number(),
                setting.title(),
                courses.first().map(Courses.Heading::title).orElse(""),
                rows);
    }

    private Row row(Student student, HandedIn s, Exercises.Setting setting) {
        if (s == null) {
            return new Row(student, null, null, null, null, false, "");
        }
        ReviewView review = reviews.view(s);
        CheckReport report = s.checked();
        LastAttempt attempt = new LastAttempt(
                s.id(),
                s.attempt(),
                s.uploadedAt(),
                s.uploadedAt().isAfter(setting.dueAt()),
                s.state(),
                s.progress(),
                s.failure(),
                report == null || report.compiled(),
                report == null ? null : report.verdict(),
                report == null ? null : report.form(),
                report == null ? 0 : toSettle(report, review),
                report == null ? List.of() : marks(report));
        String lastBy =
                review.history().isEmpty() ? null : review.history().get(0).by();
        return new Row(
                student,
                attempt,
                report == null ? null : review.points(),
                report == null ? null : review.possible(),
                review.settledBy() != null ? review.settledBy() : lastBy,
                review.settledBy() != null,
                review.feedback());
    }

    /** What the check could not decide and no person has yet. */
    private static int toSettle(CheckReport report, ReviewView review) {
        List<String> decided =
                review.decisions().stream().map(ReviewView.Decision::item).toList();
        long unclear = report.findings().stream()
                .filter(f -> f.status() == Status.UNCLEAR && !decided.contains("requirement:" + f.id()))
                .count();
        long blocked = report.scenarios().stream()
                .filter(x -> x.outcome() == ScenarioResult.Outcome.BLOCKED && !decided.contains("scenario:" + x.name()))
                .count();
        return (int) (unclear + blocked);
    }

    private static List<Mark> marks(CheckReport report) {
        List<Mark> marks = new ArrayList<>();
        for (Finding f : report.findings()) {
            marks.add(new Mark(f.text().plain(), stroke(f.status())));
        }
        for (ScenarioResult s : report.scenarios()) {
            marks.add(new Mark(s.name(), stroke(s.outcome())));
        }
        return marks;
    }

    private static Stroke stroke(Status status) {
        return switch (status) {
            case MET -> Stroke.MET;
            case PARTLY -> Stroke.PARTLY;
            case UNMET -> Stroke.MISSING;
            case UNCLEAR -> Stroke.UNCLEAR;
            case NOT_APPLICABLE -> Stroke.NOT_APPLICABLE;
        };
    }

    private static Stroke stroke(ScenarioResult.Outcome outcome) {
        return switch (outcome) {
            case PASSED -> Stroke.MET;
            case FAILED -> Stroke.MISSING;
            case BLOCKED -> Stroke.UNCLEAR;
        };
    }
}
