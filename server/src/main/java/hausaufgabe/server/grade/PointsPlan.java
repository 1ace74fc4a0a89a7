package hausaufgabe.server.grade;

import hausaufgabe.server.CsvTable;
import hausaufgabe.server.Problem;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.Summary;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a table of points that somebody gave would change; nothing is changed by working it out. */
final class PointsPlan {

    static final String NUMBER = "number";
    static final String NAME = "name";
    static final String GROUP = "group";
    static final String ATTEMPT = "attempt";
    static final String SUM = "sum";
    static final String FEEDBACK = "feedback";
    static final String REASON = "reason";

    private static final Set<String> NAMED = Set.of(NUMBER, NAME, GROUP, ATTEMPT, SUM, FEEDBACK, REASON);
    /** So many mistakes are told at once. */
    private static final int TOLD = 100;

    private final PointsTable.Points points;
    private final Map<Long, PointsTable.Line> lines = new HashMap<>();
    private final List<PlannedPoint> changes = new ArrayList<>();
    private final List<PlannedMistake> mistakes = new ArrayList<>();
    private final Set<Long> seen = new HashSet<>();
    private int unchanged;

    /**
     * Something that would be changed.
     *
     * @param item null for the feedback
     * @param reason why, as the table says; null where it says nothing
     */
    record PlannedPoint(
            long submission,
            String name,
            int attempt,
            @Nullable String item,
            String before,
            String after,
            @Nullable String reason) {}

    /**
     * Something in the table that cannot be.
     *
     * @param line its place in the file, from 1
     * @param column null where the whole line is meant
     */
    record PlannedMistake(long line, @Nullable String column, String text) {}

    /**
     * @param unchanged lines in which nothing is new
     * @param fingerprint to be sent with the same file to have it done
     */
    record PlannedPoints(
            List<PlannedPoint> changes,
            List<PlannedMistake> mistakes,
            int unchanged,
            int submissions,
            String fingerprint) {}

    private PointsPlan(PointsTable.Points points) {
        this.points = points;
        points.lines().forEach(l -> lines.put(l.submission(), l));
    }

    /** @throws Problem where it is no table of points at all */
    static PlannedPoints of(PointsTable.Points points, String name, byte[] bytes) {
        PointsPlan plan = new PointsPlan(points);
        List<CsvTable.Line> table;
        try {
            table = CsvTable.read(name, bytes).lines();
        } catch (CsvTable.Unusable e) {
            throw Problem.badRequest(e.getMessage());
        }
        if (table.isEmpty()) {
            throw Problem.badRequest(name + " is empty. Nothing was changed.");
        }
        List<String> columns = plan.columns(name, table.get(0));
        table.subList(1, table.size()).forEach(l -> plan.read(columns, l));
        return plan.planned();
    }

    private List<String> columns(String name, CsvTable.Line header) {
        List<String> columns = header.cells().stream()
                .map(c -> NAMED.contains(c.toLowerCase(Locale.ROOT)) ? c.toLowerCase(Locale.ROOT) : c)
                .toList();
        if (!columns.contains(NUMBER)) {
            throw Problem.badRequest(
                    name + " has no column “" + NUMBER + "”, so that nobody can say whose points these"
                            + " are. Take the table out here, change points in it, and keep its first line. Nothing was changed.");
        }
        Set<String> once = new HashSet<>();
        for (String c : columns) {
            if (!c.isEmpty() && !once.add(c)) {
                mistakes.add(new PlannedMistake(header.number(), c, "This column is there twice. Keep one."));
            } else if (!c.isEmpty() && !NAMED.contains(c) && !points.items().contains(c)) {
                mistakes.add(new PlannedMistake(
                        header.number(),
                        c,
                        "There is nothing of that name that points are given for."
                                + " Call the column as it was when the table was taken out, or take it away."));
            }
        }
        return columns;
    }

    private void read(List<String> columns, CsvTable.Line line) {
        String number = known(line.cell(columns.indexOf(NUMBER)));
        Optional<PointsTable.Line> whose = whose(number, columns, line);
        if (whose.isEmpty()) {
            return;
        }
        PointsTable.Line now = whose.get();
        if (!seen.add(now.submission())) {
            mistakes.add(new PlannedMistake(
                    line.number(), NUMBER, "This attempt stands in the table twice. Keep one line."));
            return;
        }
        int before = changes.size() + mistakes.size();
        int reasons = columns.indexOf(REASON);
        String reason = reasons < 0 || line.cell(reasons).isBlank() ? null : line.cell(reasons);
        for (int i = 0; i < columns.size(); i++) {
            String column = columns.get(i);
            String cell = line.cell(i);
            if (column.equals(FEEDBACK)) {
                feedback(now, line, cell, reason);
            } else if (!cell.isEmpty()
                    && !NAMED.contains(column)
                    && points.items().contains(column)) {
                item(now, line, column, cell, reason);
            }
        }
        if (changes.size() + mistakes.size() == before) {
            unchanged++;
        }
    }

    /** The student's number that a cell means: a spreadsheet takes zeros away that one begins with. */
    private String known(String cell) {
        if (points.students().containsKey(cell) || !cell.matches("[0-9]+")) {
            return cell;
        }
        List<String> meant = points.students().keySet().stream()
                .filter(n -> n.matches("0+" + cell))
                .toList();
        return meant.size() == 1 ? meant.get(0) : cell;
    }

    private Optional<PointsTable.Line> whose(String number, List<String> columns, CsvTable.Line line) {
        if (number.isEmpty()) {
            mistakes.add(new PlannedMistake(line.number(), NUMBER, "No number of a student stands here."));
            return Optional.empty();
        }
        if (!points.students().containsKey(number)) {
            mistakes.add(new PlannedMistake(
                    line.number(), NUMBER, "No student of this course has the number " + number + "."));
            return Optional.empty();
        }
        int attempts = columns.indexOf(ATTEMPT);
        String attempt = attempts < 0 ? "" : line.cell(attempts);
        List<PointsTable.Line> theirs = points.lines().stream()
                .filter(l -> l.student().number().equals(number))
                .filter(l -> attempt.isEmpty() || attempt.equals(String.valueOf(l.attempt())))
                .toList();
        if (theirs.isEmpty()) {
            boolean empty = columns.stream()
                    .filter(c -> points.items().contains(c) || c.equals(FEEDBACK))
                    .allMatch(c -> line.cell(columns.indexOf(c)).isEmpty());
            if (!empty) {
                mistakes.add(new PlannedMistake(
                        line.number(),
                        ATTEMPT,
                        attempt.isEmpty()
                                ? "Nothing of this student was checked that you may mark."
                                : "There is no attempt " + attempt + " of this student that you may mark."));
            }
            return Optional.empty();
        }
        return Optional.of(theirs.get(theirs.size() - 1));
    }

    private void feedback(PointsTable.Line now, CsvTable.Line line, String cell, @Nullable String reason) {
        if (cell.isEmpty() || cell.equals(now.feedback().replace('\u00A0', ' ').strip())) {
            return;
        }
        if (isFormula(cell)) {
            mistakes.add(new PlannedMistake(line.number(), FEEDBACK, "This is a formula. Write the text itself."));
            return;
        }
        changes.add(new PlannedPoint(
                now.submission(), now.student().name(), now.attempt(), null, now.feedback(), cell, reason));
    }

    private void item(PointsTable.Line now, CsvTable.Line line, String column, String cell, @Nullable String reason) {
        Summary.Item item = now.items().get(column);
        if (item == null) {
            mistakes.add(new PlannedMistake(
                    line.number(), column, "Nothing of that kind was found in this attempt; leave it empty."));
            return;
        }
        if (isFormula(cell)) {
            mistakes.add(new PlannedMistake(line.number(), column, "This is a formula. Write the number itself."));
            return;
        }
        double given;
        try {
            given = Double.parseDouble(cell.replace(',', '.'));
        } catch (NumberFormatException e) {
            mistakes.add(new PlannedMistake(line.number(), column, "“" + cell + "” is no number."));
            return;
        }
        try {
            Reviews.requireFitting(item, given);
        } catch (Problem e) {
            mistakes.add(new PlannedMistake(line.number(), column, cell + " cannot be given here. " + e.getMessage()));
            return;
        }
        double before = Objects.requireNonNull(now.points().get(column));
        if (given != before) {
            changes.add(new PlannedPoint(
                    now.submission(),
                    now.student().name(),
                    now.attempt(),
                    column,
                    Reviews.plain(before),
                    Reviews.plain(given),
                    reason));
        }
    }

    private static boolean isFormula(String cell) {
        return cell.startsWith("=") || cell.startsWith("@") || cell.startsWith("+");
    }

    private PlannedPoints planned() {
        List<PlannedMistake> told = List.copyOf(mistakes.subList(0, Math.min(TOLD, mistakes.size())));
        return new PlannedPoints(
                List.copyOf(changes),
                told,
                unchanged,
                (int) changes.stream().map(PlannedPoint::submission).distinct().count(),
                fingerprint());
    }

    /** Another one as soon as anything is other: the table, or the marks that it would change. */
    private String fingerprint() {
        StringBuilder all = new StringBuilder();
        changes.forEach(
                c -> all.append(c).append(lines.get(c.submission()).version()).append('\n'));
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256")
                            .digest(all.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
