package hausaufgabe.server.reading;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.reading.MarkingStaff.Marker;
import hausaufgabe.server.review.Items;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Draws what is read a second time, and settles where the two readers differ. */
@Service
public class Sampling {

    private final SecondReadings.Repository readings;
    private final SecondReadings.PointsRepository points;
    private final Comparison comparison;
    private final Work work;
    private final MarkingStaff staff;
    private final Exercises exercises;
    private final Submissions submissions;
    private final Reviews reviews;
    private final Accounts accounts;
    private final CourseLog log;
    private final Clock clock;
    private final Random chance = new java.security.SecureRandom();

    Sampling(
            SecondReadings.Repository readings,
            SecondReadings.PointsRepository points,
            Comparison comparison,
            Work work,
            MarkingStaff staff,
            Exercises exercises,
            Submissions submissions,
            Reviews reviews,
            Accounts accounts,
            CourseLog log,
            Clock clock) {
        this.readings = readings;
        this.points = points;
        this.comparison = comparison;
        this.work = work;
        this.staff = staff;
        this.exercises = exercises;
        this.submissions = submissions;
        this.reviews = reviews;
        this.accounts = accounts;
        this.log = log;
        this.clock = clock;
    }

    /** What somebody gave, and why. */
    public record Gave(double points, @Nullable String reason) {}

    /**
     * Where two readers differ.
     *
     * @param title what the points are for, in words
     */
    public record Difference(String item, String title, double possible, Gave first, Gave second) {}

    /**
     * A submission that is read twice.
     *
     * @param version of the marks that count, to be sent back with a decision
     * @param first name of who settled it; null where nobody has, any more
     * @param items so many were compared
     */
    public record SecondLine(
            long id,
            long submission,
            long student,
            String name,
            String group,
            String version,
            @Nullable String first,
            String reader,
            boolean mine,
            boolean blind,
            boolean done,
            int items,
            List<Difference> differing) {}

    /**
     * How far second readings of an exercise are.
     *
     * @param settled students whose work somebody has settled
     * @param markers so many mark in the course
     */
    public record SecondView(int settled, int markers, List<SecondLine> lines) {}

    /** @param sight whom whoever asks sees */
    @Transactional(readOnly = true)
    public SecondView view(long exercise, Sight sight, Person person) {
        Map<Long, String> names = accounts.names();
        List<Work.Piece> pieces = work.of(exercise);
        Map<Long, Work.Piece> byStudent = pieces.stream().collect(Collectors.toMap(Work.Piece::student, p -> p));
        List<SecondLine> lines = new ArrayList<>();
        for (Comparison.Reading r : comparison.of(List.of(exercise))) {
            Work.Piece piece = byStudent.get(r.student());
            if (piece == null || !sight.everybody() && !sight.own().contains(piece.group())) {
                continue;
            }
            boolean mine = r.reader() == person.id();
            Long first = piece.attempts().stream()
                    .filter(a -> a.submission() == r.submission() && a.settledBy() != null)
                    .map(Work.Attempt::settledBy)
                    .findFirst()
                    .orElse(null);
            lines.add(new SecondLine(
                    r.id(),
                    r.submission(),
                    r.student(),
                    piece.name(),
                    piece.group(),
                    reviews.version(r.submission()),
                    first == null || mine && r.blind() && !r.done() ? null : names.get(first),
                    names.getOrDefault(r.reader(), ""),
                    mine,
                    r.blind(),
                    r.done(),
                    r.items(),
                    differences(r)));
        }
        return new SecondView(
                (int) pieces.stream().filter(Work.Piece::isSettled).count(),
                staff.of(exercises.line(exercise).courseId()).size(),
                lines);
    }

    private List<Difference> differences(Comparison.Reading r) {
        if (r.differing().isEmpty()) {
            return List.of();
        }
        HandedIn s = submissions.get(r.submission());
        Map<String, String> titles = Items.titles(s);
        return r.differing().stream()
                .map(d -> new Difference(
                        d.item(),
                        titles.getOrDefault(d.item(), d.item()),
                        d.possible(),
                        new Gave(d.first().points(), d.first().reason()),
                        new Gave(d.second().points(), d.second().reason())))
                .toList();
    }

    /**
     * Draws from what is settled until a share of it is read twice: as large a share of what each has settled, given to others who
     * have drawn least so far.
     *
     * @param percent from 1 to 100
     * @param blind whether a second reader sees nothing of the first until they are done
     * @return how many were drawn
     * @throws Problem where there is nothing to draw, or nobody to read it
     */
    @Transactional
    public int draw(long exercise, int percent, boolean blind, Person by) {
        if (percent < 1 || percent > 100) {
            throw Problem.badRequest("Say which share is read twice, from 1 to 100 percent. Nothing was changed.");
        }
        long course = exercises.line(exercise).courseId();
        Map<Long, Marker> markers = staff.of(course);
        Map<Long, Comparison.Reading> drawn = comparison.of(List.of(exercise)).stream()
                .collect(Collectors.toMap(Comparison.Reading::student, Function.identity(), (a, b) -> b));
        Map<Long, Integer> load = new HashMap<>();
        drawn.values().forEach(r -> load.merge(r.reader(), 1, Integer::sum));
        Map<Long, List<Work.Piece>> byFirst = new TreeMap<>();
        for (Work.Piece p : work.of(exercise)) {
            p.settled()
                    .ifPresent(a -> byFirst.computeIfAbsent(a.settledBy(), k -> new ArrayList<>())
                            .add(p));
        }
        Map<Long, Integer> given = new LinkedHashMap<>();
        boolean nobody = false;
        for (var of : byFirst.entrySet()) {
            List<Work.Piece> pieces = of.getValue();
            List<Work.Piece> left = new ArrayList<>(
                    pieces.stream().filter(p -> !drawn.containsKey(p.student())).toList());
            Collections.shuffle(left, chance);
            int wanted = (pieces.size() * percent + 99) / 100 - (pieces.size() - left.size());
            for (Work.Piece p : left.subList(0, Math.max(0, Math.min(wanted, left.size())))) {
                Optional<Marker> reader = markers.values().stream()
                        .filter(m -> m.account() != of.getKey() && m.sees(p))
                        .min(Comparator.comparingInt(m -> load.getOrDefault(m.account(), 0)));
                if (reader.isEmpty()) {
                    nobody = true;
                    continue;
                }
                long account = reader.get().account();
                load.merge(account, 1, Integer::sum);
                given.merge(account, 1, Integer::sum);
                readings.save(new SecondReading(
                        p.settled().orElseThrow().submission(), account, blind, by.id(), Instant.now(clock)));
            }
        }
        if (given.isEmpty()) {
            throw Problem.conflict(
                    byFirst.isEmpty()
                            ? "Nothing is settled yet. What is read twice is drawn from what is settled."
                            : nobody
                                    ? "Nobody else who marks in this course may see what would be drawn."
                                            + " Let tutors see all groups, or ask another one to help."
                                    : "As large a share of what is settled is read twice already.");
        }
        try {
            readings.flush();
        } catch (DataIntegrityViolationException e) {
            throw Problem.outdated("Somebody else has drawn meanwhile. Look again; nothing was changed.");
        }
        int all = given.values().stream().mapToInt(Integer::intValue).sum();
        log(
                course,
                exercise,
                null,
                percent + " % drawn" + (blind ? ", blind: " : ": ")
                        + given.entrySet().stream()
                                .map(e -> markers.get(e.getKey()).name() + " " + e.getValue())
                                .collect(Collectors.joining(", ")),
                by);
        return all;
    }

    private void log(long course, long exercise, @Nullable String before, @Nullable String after, Person by) {
        log.add(new CourseLog.Entry(course, exercise, null, CourseLog.Aspect.SECOND_READING, before, after, null), by);
    }

    /**
     * What nobody has finished reading a second time need not be any more.
     *
     * @return how many were put back
     */
    @Transactional
    public int callOff(long exercise, Person by) {
        List<Long> open = comparison.of(List.of(exercise)).stream()
                .filter(r -> !r.done())
                .map(Comparison.Reading::id)
                .toList();
        if (open.isEmpty()) {
            throw Problem.conflict("Everything that was drawn has been read. Nothing was changed.");
        }
        readings.deleteAllById(open);
        readings.flush();
        log(exercises.line(exercise).courseId(), exercise, open.size() + " drawn", "called off", by);
        return open.size();
    }

    /**
     * Settles what two readers differ in; what is said counts.
     *
     * @param version of the marks that whoever settles it has seen
     * @throws Problem where there is no such difference any more, or a reason is wanted
     */
    @Transactional
    public void settle(
            long exercise,
            long reading,
            String item,
            double given,
            @Nullable String reason,
            String version,
            Person by) {
        Comparison.Reading r = comparison.of(List.of(exercise)).stream()
                .filter(x -> x.id() == reading)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("That is not read twice."));
        if (r.differing().stream().noneMatch(d -> d.item().equals(item))) {
            throw Problem.conflict("The two do not differ there any more. Nothing was changed.");
        }
        if (reason == null || reason.isBlank()) {
            throw Problem.badRequest("Say why, so that both can follow. Nothing was changed.");
        }
        reviews.decide(r.submission(), item, given, reason, version, by);
        SecondPoints p = points.findById(new SecondPoints.Key(reading, item)).orElseThrow();
        p.settledAt = Instant.now(clock);
    }
}
