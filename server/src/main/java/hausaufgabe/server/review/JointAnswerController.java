package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.Reach;
import hausaufgabe.server.submission.Submissions;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One answer to several submissions of an exercise. */
@RestController
@RequestMapping("/api/exercises/{exercise}/answers")
class JointAnswerController {

    private final JointAnswers answers;
    private final Submissions submissions;
    private final Reach reach;

    JointAnswerController(JointAnswers answers, Submissions submissions, Reach reach) {
        this.answers = answers;
        this.submissions = submissions;
        this.reach = reach;
    }

    record JointRemark(
            @NotNull List<JointAnswers.Answered> submissions,
            @NotNull String remark,
            @Nullable Map<String, Double> points,
            boolean settle) {}

    /** Answers several submissions in one go. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    JointAnswers.Given give(
            @PathVariable long exercise, @RequestBody JointRemark given, @AuthenticationPrincipal Person by) {
        List<JointAnswers.Answered> those = given.submissions() == null ? List.of() : given.submissions();
        sees(by, exercise, those.stream().map(JointAnswers.Answered::submission).toList());
        return answers.give(
                exercise,
                those,
                new JointAnswers.Answer(
                        given.remark(), given.points() == null ? Map.of() : given.points(), given.settle()),
                by);
    }

    /** Takes an answer to several back, where nobody has gone on from it. */
    @DeleteMapping("/{answer}")
    JointAnswers.Given takeBack(
            @PathVariable long exercise, @PathVariable long answer, @AuthenticationPrincipal Person by) {
        sees(by, exercise, answers.submissionsOf(exercise, answer));
        return answers.takeBack(exercise, answer, by);
    }

    private void sees(Person by, long exercise, List<Long> those) {
        those.forEach(id -> reach.check(by, exercise, submissions.get(id).studentId()));
    }
}
