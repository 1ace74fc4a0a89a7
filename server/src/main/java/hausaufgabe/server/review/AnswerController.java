package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What students ask about their points, for the staff. */
@RestController
@RequestMapping("/api/submissions/{id}/questions")
class AnswerController {

    private final Questions questions;
    private final Submissions submissions;

    AnswerController(Questions questions, Submissions submissions) {
        this.questions = questions;
        this.submissions = submissions;
    }

    record GivenAnswer(@Nullable String text) {}

    /** What the student of a submission asks about points. */
    @GetMapping
    List<Questions.QuestionView> all(@PathVariable long id) {
        return questions.of(submissions.get(id).id());
    }

    /** Answers a student’s question. */
    @PutMapping("/{question}")
    List<Questions.QuestionView> answer(
            @PathVariable long id,
            @PathVariable long question,
            @RequestBody GivenAnswer given,
            @AuthenticationPrincipal Person by) {
        HandedIn s = submissions.get(id);
        questions.answer(s, question, given.text(), by);
        return questions.of(id);
    }
}
