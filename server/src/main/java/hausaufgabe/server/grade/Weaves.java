package hausaufgabe.server.grade;

import hausaufgabe.core.cohort.Seriation;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Summary;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where a course stands in an exercise: claims and submissions as one table, so ordered that likes lie together. */
@Service
class Weaves {

    private static final String KEPT = """
            select s.id as submission, r.items as items
            from Submission s
            join CheckRun r on r.id = s.currentRun
            where s.exerciseId = :exercise
            """;

    private final Grades grades;
    private final EntityManager entities;

    Weaves(Grades grades, EntityManager entities) {
        this.grades = grades;
        this.entities = entities;
    }

    /** A claim, scenario or criterion; {@code item} is what points are kept by. */
    record Warp(String item, int met, int missing) {}

    /**
     * A submission.
     *
     * @param strokes how each claim stands, in the order of the claims: m for met, p for partly, x for missing, u for unclear, -
     *     where it does not apply
     */
    record Weft(long submissionId, String student, String number, String group, boolean settled, String strokes) {}

    /** @param unchecked how many were handed in and have no report yet */
    record Weave(List<Warp> claims, List<Weft> submissions, int unchecked) {}

    @Transactional(readOnly = true)
    Weave view(long exercise, LongFunction<Viewer> viewers) {
        Map<Long, String> kept = new HashMap<>();
        for (Tuple t : entities.createQuery(KEPT, Tuple.class)
                .setParameter("exercise", exercise)
                .getResultList()) {
            kept.put(t.get("submission", Long.class), t.get("items", String.class));
        }
        List<Grades.Row> rows = new ArrayList<>();
        List<Map<String, Character>> cells = new ArrayList<>();
        Map<String, Integer> columns = new LinkedHashMap<>();
        int unchecked = 0;
        for (Grades.Row row : grades.sheet(exercise, viewers).rows()) {
            Grades.CountedAttempt a = row.handedIn();
            if (a == null) {
                continue;
            }
            String items = kept.get(a.submissionId());
            if (items == null || a.state() != HandedIn.State.CHECKED) {
                unchecked++;
                continue;
            }
            Map<String, Character> strokes = new HashMap<>();
            for (Summary.Item i : Summary.items(items)) {
                columns.putIfAbsent(i.key(), columns.size());
                strokes.put(i.key(), stroke(i));
            }
            rows.add(row);
            cells.add(strokes);
        }
        List<String> items = List.copyOf(columns.keySet());
        Seriation.Order order = Seriation.of(table(cells, items));
        List<String> claims = order.columns().stream().map(items::get).toList();
        return new Weave(
                claims.stream()
                        .map(c -> new Warp(c, count(cells, c, 'm'), count(cells, c, 'x')))
                        .toList(),
                order.rows().stream()
                        .map(i -> weft(rows.get(i), cells.get(i), claims))
                        .toList(),
                unchecked);
    }

    private static char stroke(Summary.Item i) {
        if (i.open()) {
            return 'u';
        }
        return i.proposed() >= i.possible() ? 'm' : i.proposed() > 0 ? 'p' : 'x';
    }

    /** What is missing weighs most, for it is by that that submissions are told apart. */
    private static double[][] table(List<Map<String, Character>> cells, List<String> items) {
        double[][] table = new double[cells.size()][items.size()];
        for (int i = 0; i < table.length; i++) {
            for (int j = 0; j < items.size(); j++) {
                table[i][j] = switch (cells.get(i).getOrDefault(items.get(j), '-')) {
                    case 'x' -> 1;
                    case 'p' -> 0.6;
                    case 'u' -> 0.5;
                    case 'm' -> 0.1;
                    default -> 0;
                };
            }
        }
        return table;
    }

    private static int count(List<Map<String, Character>> cells, String item, char stroke) {
        return (int)
                cells.stream().filter(c -> c.getOrDefault(item, '-') == stroke).count();
    }

    private static Weft weft(Grades.Row row, Map<String, Character> strokes, List<String> claims) {
        StringBuilder all = new StringBuilder();
        claims.forEach(c -> all.append(strokes.getOrDefault(c, '-').charValue()));
        return new Weft(
                row.handedIn().submissionId(),
                row.student().name(),
                row.student().number(),
                row.student().group(),
                row.settled(),
                all.toString());
    }
}
