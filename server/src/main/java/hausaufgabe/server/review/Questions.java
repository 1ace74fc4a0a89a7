package hausaufgabe.server.review;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Marked;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Students ask about the points of something, staff answer in the same place. */
@Service
public class Questions {

    private static final int LONGEST = 4_000;
    /** So many of one submission. */
    private static final int MOST = 40;

    interface Repository extends JpaRepository<Question, Long> {
        List<Question> findBySubmissionIdOrderById(Long submissionId);
    }

    private final Repository questions;
    private final Reviews.Repository reviews;
    private final HandBacks handBacks;
    private final Exercises exercises;
    private final Courses courses;
    private final Accounts accounts;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Questions(
            Repository questions,
            Reviews.Repository reviews,
            HandBacks handBacks,
            Exercises exercises,
            Courses courses,
            Accounts accounts,
            ApplicationEventPublisher events,
            Clock clock) {
        this.questions = questions;
        this.reviews = reviews;
        this.handBacks = handBacks;
        this.exercises = exercises;
        this.courses = courses;
        this.accounts = accounts;
        this.events = events;
        this.clock = clock;
    }

    /**
     * @param item what its points are asked about
     * @param answer null until there is one
     * @param by name of who answered; null as the answer
     */
    public record QuestionView(
            long id,
            String item,
            String text,
            Instant askedAt,
            @Nullable String answer,
            @Nullable String by,
            @Nullable Instant answeredAt) {}

    /** Those that the student of a submission sees: none while what was made of it is not given back. */
    @Transactional(readOnly = true)
    public List<QuestionView> seen(HandedIn s) {
        return returned(s) ? of(s.id()) : List.of();
    }

    private boolean returned(HandedIn s) {
        return reviews.findById(s.id())
                .map(r -> r.returnedAt != null && r.settledBy != null)
                .orElse(false);
    }

    @Transactional(readOnly = true)
    public List<QuestionView> of(long submission) {
        Map<Long, String> names = accounts.names();
        return questions.findBySubmissionIdOrderById(submission).stream()
                .map(q -> new QuestionView(
                        q.id,
                        q.item,
                        q.text,
                        q.askedAt,
                        q.answer,
                        q.answeredBy == null ? null : names.get(q.answeredBy),
                        q.answeredAt))
                .toList();
    }

    /** Until when the student of a submission may ask; null where they may not, or no more. */
    @Transactional(readOnly = true)
    public @Nullable Instant until(HandedIn s) {
        long course = exercises.line(s.exerciseId()).courseId();
        return returned(s)
                ? handBacks.questionsUntil(
                        s.exerciseId(), courses.student(course, s.studentId()).group())
                : null;
    }

    /** @throws Problem where nothing can be asked any more, or of this */
    @Transactional
    public void ask(HandedIn s, String item, @Nullable String text) {
        if (until(s) == null) {
            throw Problem.conflict(
                    "Questions about these points are no longer taken. Ask your tutor; nothing was stored.");
        }
        if (Items.find(s, item).isEmpty()) {
            throw Problem.notFound("There are no points for that in this submission. Nothing was stored.");
        }
        if (questions.findBySubmissionIdOrderById(s.id()).size() >= MOST) {
            throw Problem.tooMany("There are " + MOST + " questions about this already. Wait for the answers.");
        }
        questions.save(new Question(s.id(), item, usable(text, "question"), Instant.now(clock)));
        events.publishEvent(new Marked(s.exerciseId(), s.id(), s.studentId()));
    }

    /** Answers a question, or writes the answer anew. */
    @Transactional
    public void answer(HandedIn s, long id, @Nullable String text, Person by) {
        Question q = questions
                .findById(id)
                .filter(x -> x.submissionId == s.id())
                .orElseThrow(() -> Problem.notFound("There is no such question about this submission."));
        q.answer = usable(text, "answer");
        q.answeredBy = by.id();
        q.answeredAt = Instant.now(clock);
        questions.save(q);
        events.publishEvent(new Marked(s.exerciseId(), s.id(), s.studentId()));
    }

    private static String usable(@Nullable String text, String what) {
        String plain = text == null ? "" : text.strip();
        if (plain.isEmpty() || plain.length() > LONGEST) {
            throw Problem.badRequest("Write a" + (what.startsWith("a") ? "n " : " ") + what + " of 1 to " + LONGEST
                    + " characters; this has " + plain.length() + ".");
        }
        return plain;
    }
}
