package hausaufgabe.server.grade;

import hausaufgabe.server.Csv;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.Uploads;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The points of an exercise as a table, out and in again. */
@RestController
@RequestMapping("/api/exercises/{exercise}")
class PointsController {

    private final PointsTable table;
    private final Viewer.Viewers viewers;
    private final Reviews reviews;
    private final TransactionTemplate transaction;

    PointsController(PointsTable table, Viewer.Viewers viewers, Reviews reviews, TransactionTemplate transaction) {
        this.table = table;
        this.viewers = viewers;
        this.reviews = reviews;
        this.transaction = transaction;
    }

    /** @param changed so many points and feedbacks */
    record PointsTaken(int changed, int submissions) {}

    private PointsTable.Points points(long exercise, Person person) {
        return table.of(exercise, course -> viewers.of(person, course));
    }

    /**
     * Every attempt with the points of every item, as RFC 4180 describes CSV, in UTF-8.
     *
     * @param comma whether decimals have a comma
     */
    @GetMapping(path = "/points.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @PathVariable long exercise,
            @RequestParam(defaultValue = "false") boolean comma,
            @AuthenticationPrincipal Person person) {
        PointsTable.Points points = points(exercise, person);
        List<String> columns =
                new ArrayList<>(List.of(PointsPlan.NUMBER, PointsPlan.NAME, PointsPlan.GROUP, PointsPlan.ATTEMPT));
        columns.addAll(points.items());
        columns.addAll(List.of(PointsPlan.SUM, PointsPlan.FEEDBACK, PointsPlan.REASON));
        return Csv.file(
                "points-" + points.title() + ".csv",
                columns,
                points.lines().stream().map(l -> cells(points, l, comma)).toList());
    }

    private static List<Object> cells(PointsTable.Points points, PointsTable.Line line, boolean comma) {
        List<Object> cells = new ArrayList<>(List.of(
                line.student().number(), line.student().name(), line.student().group(), line.attempt()));
        for (String item : points.items()) {
            Double given = line.points().get(item);
            cells.add(given == null ? "" : decimal(given, comma));
        }
        cells.add(decimal(
                line.points().values().stream().mapToDouble(Double::doubleValue).sum(), comma));
        cells.add(line.feedback());
        cells.add("");
        return cells;
    }

    private static String decimal(double points, boolean comma) {
        String plain = Reviews.plain(points);
        return comma ? plain.replace('.', ',') : plain;
    }

    /** Says what a table would change, and changes nothing. */
    @PostMapping(path = "/points/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PointsPlan.PlannedPoints plan(
            @PathVariable long exercise, @RequestParam MultipartFile table, @AuthenticationPrincipal Person person)
            throws IOException {
        return PointsPlan.of(points(exercise, person), Uploads.nameOf(table), table.getBytes());
    }

    /**
     * Has a table done, all of it or nothing.
     *
     * @param fingerprint of what was planned
     * @param reason for points that the table gives no reason for
     */
    @PostMapping(path = "/points", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PointsTaken take(
            @PathVariable long exercise,
            @RequestParam MultipartFile table,
            @RequestParam String fingerprint,
            @RequestParam(required = false) @Nullable String reason,
            @AuthenticationPrincipal Person person)
            throws IOException {
        byte[] bytes = table.getBytes();
        String name = Uploads.nameOf(table);
        return transaction.execute(status -> {
            PointsPlan.PlannedPoints plan = PointsPlan.of(points(exercise, person), name, bytes);
            if (!plan.mistakes().isEmpty()) {
                throw Problem.badRequest("Something in the table cannot be. Look at it again; nothing was changed.");
            }
            if (!plan.fingerprint().equals(fingerprint)) {
                throw Problem.outdated("Somebody has changed these points meanwhile. What would be changed now stands"
                        + " here; nothing was changed.");
            }
            if (plan.changes().isEmpty()) {
                throw Problem.badRequest("Nothing in this table is other than it is already.");
            }
            plan.changes().forEach(c -> change(c, reason, person));
            return new PointsTaken(plan.changes().size(), plan.submissions());
        });
    }

    private void change(PointsPlan.PlannedPoint c, @Nullable String reason, Person person) {
        String version = reviews.version(c.submission());
        if (c.item() == null) {
            reviews.writeFeedback(c.submission(), c.after(), version, person);
        } else {
            reviews.decide(
                    c.submission(),
                    c.item(),
                    Double.parseDouble(c.after()),
                    c.reason() == null ? reason : c.reason(),
                    version,
                    person);
        }
    }
}
