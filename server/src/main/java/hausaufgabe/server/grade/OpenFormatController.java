package hausaufgabe.server.grade;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Downloads;
import hausaufgabe.server.Problem;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a check found, in formats that other tools read. */
@RestController
@RequestMapping("/api/submissions/{id}")
class OpenFormatController {

    private final Submissions submissions;
    private final Exercises exercises;
    private final ObjectMapper mapper;

    OpenFormatController(Submissions submissions, Exercises exercises, ObjectMapper mapper) {
        this.submissions = submissions;
        this.exercises = exercises;
        this.mapper = mapper;
    }

    /** The claims as SARIF 2.1.0. */
    @GetMapping(path = "/findings.sarif", produces = "application/sarif+json")
    ResponseEntity<JsonNode> sarif(@PathVariable long id) {
        return Downloads.named("submission-" + id + ".sarif").body(OpenFormats.sarif(report(id), mapper));
    }

    /** The runs as JUnit XML. */
    @GetMapping(path = "/runs.xml", produces = "application/xml")
    ResponseEntity<byte[]> junit(@PathVariable long id) {
        HandedIn s = submissions.get(id);
        String title = exercises.line(s.exerciseId()).title();
        return Downloads.named("submission-" + id + "-runs.xml")
                .body(OpenFormats.junit(title, report(id).scenarios()));
    }

    private CheckReport report(long id) {
        return submissions
                .get(id)
                .report()
                .orElseThrow(() -> Problem.conflict("There is no report yet; it is there after the check."));
    }
}
