package hausaufgabe.server.handout;

import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.server.Problem;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.review.Returns.ReturnedPoints;
import hausaufgabe.server.review.Returns.ReturnedRemark;
import hausaufgabe.server.review.Returns.ReturnedWork;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import hausaufgabe.server.submission.Summary;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.stereotype.Component;

/** Puts together what stands on a student's paper; nothing that the exercise keeps back. */
@Component
class Handouts {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH);
    /** Lines of code that stand beside a remark. */
    private static final int LINES = 12;

    private final Submissions submissions;
    private final Exercises exercises;
    private final Courses courses;
    private final Parser markdown = Parser.builder().build();
    // what somebody writes is never taken for HTML, nor an address for a script
    private final HtmlRenderer html =
            HtmlRenderer.builder().escapeHtml(true).sanitizeUrls(true).build();

    Handouts(Submissions submissions, Exercises exercises, Courses courses) {
        this.submissions = submissions;
        this.exercises = exercises;
        this.courses = courses;
    }

    /** @param work what the student sees, or would see */
    Handout of(HandedIn s, ReturnedWork work) {
        Exercises.Line line = exercises.line(s.exerciseId());
        Exercises.Version version = exercises.opened(s.exerciseId());
        Student student = courses.student(line.courseId(), s.studentId());
        ZoneId zone = version.settings().zone();
        boolean runs = version.settings().shows() == Shown.FINDINGS_AND_SCENARIOS;
        CheckReport report = s.report().orElse(null);
        List<SourceFile> files = work.remarks().stream().anyMatch(r -> r.file() != null) ? sources(s) : List.of();
        return new Handout(
                courses.heading(line.courseId()).title(),
                line.number(),
                version.settings().title(),
                student.name(),
                student.number(),
                s.attempt(),
                TIME.format(s.uploadedAt().atZone(zone)),
                Reviews.plain(work.points()),
                Reviews.plain(work.possible()),
                work.late() > 0 ? Reviews.plain(work.late()) : null,
                html(work.feedback()),
                report == null || report.compiled(),
                report == null
                        ? List.of()
                        : report.findings().stream()
                                .map(f -> claim(runs ? f : f.spokenForBy(List.of()), work))
                                .toList(),
                report == null || !runs
                        ? List.of()
                        : report.scenarios().stream().map(x -> claim(x, work)).toList(),
                work.criteria().stream()
                        .map(c -> new Handout.Claim(
                                c.text(),
                                Handout.Verdict.JUDGED,
                                Reviews.plain(c.points()),
                                Reviews.plain(c.possible()),
                                c.level() == null ? "" : c.level(),
                                List.of()))
                        .toList(),
                work.remarks().stream()
                        .filter(r -> r.file() != null)
                        .map(r -> noted(r, files))
                        .toList());
    }

    private List<SourceFile> sources(HandedIn s) {
        try {
            return submissions.sources(s.id()).sources();
        } catch (Problem e) {
            // what was handed in can no longer be read; the remarks stand without it
            return List.of();
        }
    }

    private String html(String text) {
        return text.isBlank() ? "" : html.render(markdown.parse(text));
    }

    private Handout.Claim claim(Finding f, ReturnedWork work) {
        return claim(
                Summary.keyOf(f),
                f.text().plain(),
                Handout.Verdict.valueOf(Summary.stroke(f.status()).name()),
                f.explanation().plain(),
                work);
    }

    private Handout.Claim claim(ScenarioResult s, ReturnedWork work) {
        return claim(
                Summary.keyOf(s),
                s.name(),
                Handout.Verdict.valueOf(Summary.stroke(s.outcome()).name()),
                s.explanation().plain(),
                work);
    }

    private Handout.Claim claim(String key, String text, Handout.Verdict verdict, String account, ReturnedWork work) {
        ReturnedPoints points = work.items().get(key);
        return new Handout.Claim(
                text,
                verdict,
                points == null ? "" : Reviews.plain(points.points()),
                points == null ? "" : Reviews.plain(points.possible()),
                verdict == Handout.Verdict.MET ? "" : account,
                work.remarks().stream()
                        .filter(r -> key.equals(r.item()))
                        .map(r -> html(r.text()))
                        .toList());
    }

    private Handout.Noted noted(ReturnedRemark r, List<SourceFile> files) {
        int from = r.line() == null ? 1 : r.line();
        int to = r.endLine() == null ? from : r.endLine();
        List<String> code = new ArrayList<>();
        files.stream()
                .filter(f -> f.path().equals(r.file()))
                .findFirst()
                .ifPresent(f -> f.text()
                        .lines()
                        .skip(from - 1L)
                        .limit(Math.min(LINES, to - from + 1L))
                        .forEach(code::add));
        String lines = from == to ? "line " + from : "lines " + from + " to " + to;
        return new Handout.Noted(
                r.file() + ", " + lines,
                code.stream().map(l -> l.replace("\t", "    ")).collect(Collectors.joining("\n")),
                html(r.text()));
    }
}
