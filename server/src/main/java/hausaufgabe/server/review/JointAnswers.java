package hausaufgabe.server.review;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Answers several submissions at once, and takes that back. What somebody has changed meanwhile is left as it is, both ways, and
 * is named.
 */
@Service
public class JointAnswers {

    /** So many at a time; more than there are in a course. */
    private static final int MOST = 3_000;

    interface Repository extends JpaRepository<JointAnswer, Long> {}

    private final Repository answers;
    private final Reviews reviews;
    private final JointMarks marks;
    private final Submissions submissions;
    private final SecondMarks second;
    private final Clock clock;
    private final ObjectMapper mapper;

    JointAnswers(
            Repository answers,
            Reviews reviews,
            JointMarks marks,
            Submissions submissions,
            SecondMarks second,
            Clock clock,
            ObjectMapper mapper) {
        this.answers = answers;
        this.reviews = reviews;
        this.marks = marks;
        this.submissions = submissions;
        this.second = second;
        this.clock = clock;
        this.mapper = mapper;
    }

    /**
     * A submission that is answered.
     *
     * @param version of its review as it was read
     */
    public record Answered(long submission, String version) {}

    /**
     * What is given to all of them.
     *
     * @param remark joins the feedback that is there; names of roles and members in braces become the student's own
     * @param points for items, in place of those proposed; with the remark as the reason. May be empty
     * @param settle whether they are settled with it
     */
    public record Answer(String remark, Map<String, Double> points, boolean settle) {}

    /**
     * What it came to.
     *
     * @param id to take it back by
     * @param leftOut submissions that somebody changed meanwhile, as they are
     */
    public record Given(long id, List<Long> answered, List<Long> leftOut) {}

    /**
     * Answers all of them in one go.
     *
     * @throws Problem where there is nothing to say, or one of them was not handed in for the exercise; nothing is changed then
     */
    @Transactional
    public Given give(long exercise, List<Answered> those, Answer answer, Person by) {
        String remark = answer.remark() == null ? "" : answer.remark().strip();
        if (remark.isEmpty()) {
            throw Problem.badRequest("Write what is to be answered. Nothing was changed.");
        }
        if (those.isEmpty() || those.size() > MOST) {
            throw Problem.badRequest("Choose from 1 to " + MOST + " submissions. Nothing was changed.");
        }
        List<JointMarks.Before> parts = new ArrayList<>();
        List<Long> leftOut = new ArrayList<>();
        Set<Long> seen = new HashSet<>();
        for (Answered a : those) {
            HandedIn s = submissions.get(a.submission());
            if (s.exerciseId() != exercise) {
                throw Problem.notFound("One of these was not handed in for this exercise. Nothing was changed.");
            }
            if (!seen.add(s.id())) {
                continue;
            }
            if (s.report().isEmpty() || !reviews.version(s.id()).equals(a.version()) || second.isRead(s.id(), by)) {
                leftOut.add(s.id());
            } else {
                parts.add(marks.answer(
                        s, RemarkNames.filled(remark, s.report().get()), answer.points(), answer.settle(), by));
            }
        }
        JointAnswer made = answers.save(new JointAnswer(exercise, remark, by.id(), Instant.now(clock), json(parts)));
        return new Given(
                made.id, parts.stream().map(JointMarks.Before::submission).toList(), List.copyOf(leftOut));
    }

    /** Whom an answer was given to. */
    @Transactional(readOnly = true)
    public List<Long> submissionsOf(long exercise, long answer) {
        return parts(get(exercise, answer)).stream()
                .map(JointMarks.Before::submission)
                .toList();
    }

    /**
     * Puts back what stood before at all of them.
     *
     * @throws Problem where that was done already
     */
    @Transactional
    public Given takeBack(long exercise, long answer, Person by) {
        JointAnswer a = get(exercise, answer);
        if (a.undoneAt != null) {
            throw Problem.conflict("This answer was taken back already.");
        }
        List<Long> put = new ArrayList<>();
        List<Long> leftOut = new ArrayList<>();
        for (JointMarks.Before before : parts(a)) {
            (marks.putBack(before, by) ? put : leftOut).add(before.submission());
        }
        a.undoneAt = Instant.now(clock);
        answers.save(a);
        return new Given(answer, List.copyOf(put), List.copyOf(leftOut));
    }

    private JointAnswer get(long exercise, long answer) {
        return answers.findById(answer)
                .filter(a -> a.exerciseId == exercise)
                .orElseThrow(() -> Problem.notFound("There is no such answer."));
    }

    private String json(List<JointMarks.Before> parts) {
        try {
            return mapper.writeValueAsString(parts);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private List<JointMarks.Before> parts(JointAnswer a) {
        try {
            return mapper.readValue(a.parts, new TypeReference<List<JointMarks.Before>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
