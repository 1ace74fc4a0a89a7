package hausaufgabe.server.reading;

import hausaufgabe.core.marking.Marking;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.review.Items;
import hausaufgabe.server.review.ReviewView;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.review.SecondMarks;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Summary;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Second readings as those see them who read: their own points, beside those that count. */
@Service
class SecondReadings implements SecondMarks {

    private static final String CHANGED = "You have changed this in another window. What is shown now is as it stands.";
    /** What the version of a second reading begins with, so that it is never taken for one of the marks that count. */
    private static final String VERSION = "second-";

    interface Repository extends JpaRepository<SecondReading, Long> {
        Optional<SecondReading> findBySubmissionIdAndReaderIdAndDoneAtIsNull(Long submission, Long reader);

        List<SecondReading> findByReaderIdAndBlindIsTrueAndDoneAtIsNull(Long reader);

        @Query("select r.submissionId from SecondReading r join Submission s on s.id = r.submissionId"
                + " where s.exerciseId = ?1 and r.readerId = ?2 and r.doneAt is null order by r.id")
        List<Long> toRead(long exercise, long reader);

        boolean existsBySubmissionIdAndReaderIdAndDoneAtIsNull(Long submission, Long reader);
    }

    interface PointsRepository extends JpaRepository<SecondPoints, SecondPoints.Key> {
        List<SecondPoints> findByKeyReadingId(Long reading);
    }

    private final Repository readings;
    private final PointsRepository points;
    private final Comparison comparison;
    private final Reviews reviews;
    private final EntityManager entities;
    private final Clock clock;

    SecondReadings(
            Repository readings,
            PointsRepository points,
            Comparison comparison,
            Reviews reviews,
            EntityManager entities,
            Clock clock) {
        this.readings = readings;
        this.points = points;
        this.comparison = comparison;
        this.reviews = reviews;
        this.entities = entities;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean isRead(long submission, Person person) {
        return readings.existsBySubmissionIdAndReaderIdAndDoneAtIsNull(submission, person.id());
    }

    private Optional<SecondReading> open(long submission, Person person) {
        return readings.findBySubmissionIdAndReaderIdAndDoneAtIsNull(submission, person.id());
    }

    @Override
    @Transactional(readOnly = true)
    public List<Long> toRead(long exercise, Person person) {
        return readings.toRead(exercise, person.id());
    }

    @Override
    @Transactional(readOnly = true)
    public Set<Long> hidden(Person person) {
        return readings.findByReaderIdAndBlindIsTrueAndDoneAtIsNull(person.id()).stream()
                .map(r -> r.submissionId)
                .collect(Collectors.toSet());
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<ReviewView> view(HandedIn submission, Person person) {
        return open(submission.id(), person).map(r -> view(submission, r, person));
    }

    private ReviewView view(HandedIn s, SecondReading r, Person person) {
        ReviewView first = reviews.view(s);
        Map<String, SecondPoints> own = own(r);
        Map<String, Summary.Item> items = Items.of(s);
        double sum = Marking.quarter(items.values().stream()
                .mapToDouble(
                        i -> own.containsKey(i.key()) ? own.get(i.key()).points.doubleValue() : i.proposed())
                .sum());
        double open = Marking.quarter(items.values().stream()
                .filter(i -> i.open() && !own.containsKey(i.key()))
                .mapToDouble(i -> i.possible() - i.proposed())
                .sum());
        var standing = reviews.standing(s, first.possible(), sum);
        return new ReviewView(
                VERSION + r.version,
                standing.points(),
                first.possible(),
                open,
                standing.late(),
                r.blind ? "" : first.feedback(),
                null,
                null,
                null,
                own.values().stream()
                        .map(p -> new ReviewView.Decision(
                                p.key.item(), p.points.doubleValue(), p.reason, person.name(), r.drawnAt))
                        .toList(),
                r.blind ? List.of() : first.remarks(),
                r.blind ? List.of() : first.history(),
                new ReviewView.SecondLook(r.blind, r.blind ? null : first.settledBy()));
    }

    private Map<String, SecondPoints> own(SecondReading r) {
        return points.findByKeyReadingId(r.id).stream().collect(Collectors.toMap(p -> p.key.item(), p -> p));
    }

    /** The reading to be changed, if it is still in the state that {@code version} names. */
    private SecondReading touch(long submission, String version, Person by) {
        SecondReading r = open(submission, by).orElseThrow(() -> Problem.outdated(CHANGED));
        if (!version.equals(VERSION + r.version)) {
            throw Problem.outdated(CHANGED);
        }
        entities.lock(r, LockModeType.OPTIMISTIC_FORCE_INCREMENT);
        return r;
    }

    private static Summary.Item item(HandedIn s, String key) {
        return Optional.ofNullable(Items.of(s).get(key))
                .orElseThrow(() -> Problem.notFound("There is no such requirement, scenario or criterion any more."));
    }

    @Override
    @Transactional
    public void decide(HandedIn s, String key, double given, @Nullable String reason, String version, Person by) {
        String why = Reviews.reason(item(s, key), given, reason);
        keep(touch(s.id(), version, by), key, given, why);
    }

    private void keep(SecondReading r, String item, double given, String reason) {
        SecondPoints.Key key = new SecondPoints.Key(r.id, item);
        SecondPoints p = points.findById(key).orElseGet(() -> new SecondPoints(key));
        p.points = BigDecimal.valueOf(given);
        p.reason = reason;
        points.save(p);
    }

    @Override
    @Transactional
    public void withdraw(HandedIn s, String item, String version, Person by) {
        points.deleteById(new SecondPoints.Key(touch(s.id(), version, by).id, item));
    }

    @Override
    @Transactional
    public void finish(HandedIn s, String version, Person by) {
        SecondReading r = touch(s.id(), version, by);
        Map<String, SecondPoints> own = own(r);
        List<Summary.Item> left = Items.of(s).values().stream()
                .filter(i -> !own.containsKey(i.key()))
                .toList();
        long open = left.stream().filter(Summary.Item::open).count();
        if (open > 0) {
            throw Problem.conflict((open == 1 ? "One question is open." : open + " questions are open.")
                    + " A second reading compares what both gave, so answer each first.");
        }
        left.forEach(i -> keep(r, i.key(), i.proposed(), Reviews.AGREED));
        r.doneAt = Instant.now(clock);
        readings.saveAndFlush(r);
        points.flush();
        int differing = comparison.of(Set.of(s.exerciseId()), Set.of(s.studentId())).stream()
                .filter(x -> x.id() == r.id)
                .mapToInt(x -> x.differing().size())
                .sum();
        reviews.readTwice(s.id(), differing == 0 ? "both gave the same" : said(differing), by);
    }

    private static String said(int differing) {
        return differing == 1 ? "the two differ in one place" : "the two differ in " + differing + " places";
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, SecondState> states(Collection<Long> exercises, @Nullable Collection<Long> students) {
        Map<Long, SecondState> states = new HashMap<>();
        comparison
                .of(exercises, students)
                .forEach(r -> states.put(
                        r.submission(),
                        !r.done()
                                ? SecondState.GOES_ON
                                : r.differing().isEmpty() ? SecondState.ALIKE : SecondState.DIFFERS));
        return states;
    }
}
