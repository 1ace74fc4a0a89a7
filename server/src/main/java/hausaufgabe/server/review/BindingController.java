package hausaufgabe.server.review;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.Bindings;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import hausaufgabe.server.submission.Summary;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who plays which role in a submission, as a person says it. */
@RestController
@RequestMapping("/api/submissions/{id}/binding")
class BindingController {

    private static final int LONGEST_REASON = 1_000;

    private final Bindings bindings;
    private final Submissions submissions;
    private final Reviews reviews;
    private final BindingHistory history;
    private final SecondMarks second;

    BindingController(
            Bindings bindings, Submissions submissions, Reviews reviews, BindingHistory history, SecondMarks second) {
        this.bindings = bindings;
        this.submissions = submissions;
        this.reviews = reviews;
        this.history = history;
        this.second = second;
    }

    /** @param roles ids of types by role; a role that is not there is left to the check */
    record GivenRoles(
            @NotNull Map<String, List<String>> roles,
            @Nullable String reason) {}

    /**
     * A claim or scenario that would stand otherwise.
     *
     * @param item by which points are kept
     * @param before how it stands; null where it is not asked now
     * @param after how it would stand; null where it would not be asked
     */
    record Turned(String item, Sentence text, Summary.@Nullable Stroke before, Summary.@Nullable Stroke after) {}

    /** What would follow from other roles; {@code roles} are names of types, with those that the check then finds. */
    record Outlook(
            Map<String, List<String>> roles,
            CheckReport.Points before,
            CheckReport.Points after,
            List<Turned> turned) {}

    /** What would follow; nothing is kept. */
    @PostMapping("/outlook")
    Outlook outlook(@PathVariable long id, @RequestBody GivenRoles given) {
        CheckReport now = submissions.get(id).report().orElseThrow(() -> Problem.conflict("There is no report yet."));
        CheckReport then = bindings.preview(id, given.roles());
        Map<String, Standing> before = standings(now);
        Map<String, Standing> after = standings(then);
        List<Turned> turned = new ArrayList<>();
        after.forEach((item, a) -> {
            Standing b = before.get(item);
            if (b == null || b.stroke() != a.stroke()) {
                turned.add(new Turned(item, a.text(), b == null ? null : b.stroke(), a.stroke()));
            }
        });
        before.forEach((item, b) -> {
            if (!after.containsKey(item)) {
                turned.add(new Turned(item, b.text(), b.stroke(), null));
            }
        });
        return new Outlook(then.roles(), now.points(), then.points(), turned);
    }

    private record Standing(Sentence text, Summary.Stroke stroke) {}

    private static Map<String, Standing> standings(CheckReport report) {
        Map<String, Standing> all = new LinkedHashMap<>();
        for (Finding f : report.findings()) {
            all.put(Summary.keyOf(f), new Standing(f.text(), Summary.stroke(f.status())));
        }
        for (ScenarioResult s : report.scenarios()) {
            all.put(Summary.keyOf(s), new Standing(Sentence.words(s.name()), Summary.stroke(s.outcome())));
        }
        return all;
    }

    /** Gives roles to types, with a reason, and has the submission checked so; no roles leave all to the check again. */
    @PutMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    ReviewView bind(
            @PathVariable long id,
            @RequestBody GivenRoles given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        MarkingController.requireFirst(second, id, staff);
        String reason = given.reason() == null ? "" : given.reason().strip();
        if (reason.isEmpty() && !given.roles().isEmpty()) {
            throw Problem.badRequest("Say why, so that the others can follow. Nothing was changed.");
        }
        if (reason.length() > LONGEST_REASON) {
            throw Problem.badRequest("A reason can be " + LONGEST_REASON + " characters long; this is "
                    + reason.length() + ". Nothing was changed.");
        }
        history.bind(id, given.roles(), reason, MarkingController.version(match), staff);
        bindings.goOn(id);
        HandedIn now = submissions.get(id);
        return reviews.view(now);
    }
}
