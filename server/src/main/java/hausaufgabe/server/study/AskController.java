package hausaufgabe.server.study;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.review.Questions;
import hausaufgabe.server.submission.HandedIn;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a student asks about their own points. */
@RestController
@RequestMapping("/api/submissions/{id}/mine/questions")
class AskController {

    private final StudyController study;
    private final Questions questions;

    AskController(StudyController study, Questions questions) {
        this.study = study;
        this.questions = questions;
    }

    /** @param until when questions are taken; null where they are not, or no more */
    record AskedView(@Nullable Instant until, List<Questions.QuestionView> questions) {}

    record NewQuestion(@Nullable String item, @Nullable String text) {}

    /** What one asked about one’s points. */
    @GetMapping
    AskedView all(@PathVariable long id, @AuthenticationPrincipal Person person) {
        HandedIn s = study.own(id, person);
        Instant until = questions.until(s);
        return new AskedView(until, questions.seen(s));
    }

    /** Asks about the points of something. */
    @PostMapping
    AskedView ask(@PathVariable long id, @RequestBody NewQuestion given, @AuthenticationPrincipal Person person) {
        questions.ask(study.own(id, person), given.item() == null ? "" : given.item(), given.text());
        return all(id, person);
    }
}
