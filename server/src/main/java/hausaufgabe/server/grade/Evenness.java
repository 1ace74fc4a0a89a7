package hausaufgabe.server.grade;

import hausaufgabe.core.marking.Marking;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.submission.Summary;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/**
 * Whether those who mark an exercise mark alike: how each one's points spread beside what the check had proposed for the same
 * submissions, and what each gave where the check had found just the same.
 */
@Service
class Evenness {

    /** What is asked about is at least this share of what could be given, and at least a quarter of a point. */
    private static final double TELLING = 0.25;

    private static final double QUARTER = 0.25;
    /** So many others make it telling that one stands out. */
    private static final int OTHERS = 2;
    /** So many submissions of a case are named for each. */
    private static final int NAMED = 5;

    private static final String SETTLED = """
            select s.id, s.student_id, st.group_name, v.settled_by, c.items, s.attempt
            from submission s
            join student st on st.id = s.student_id
            join review v on v.submission_id = s.id
            join check_run c on c.id = s.current_run
            where s.exercise_id = :exercise and v.settled_by is not null
            order by s.student_id, s.attempt
            """;

    private static final String DECIDED = """
            select d.submission_id, d.item, d.points, d.decided_by from point_decision d
            join submission s on s.id = d.submission_id
            where s.exercise_id = :exercise
            """;

    private final JdbcClient records;
    private final Accounts accounts;
    private final Exercises exercises;

    Evenness(JdbcClient records, Accounts accounts, Exercises exercises) {
        this.records = records;
        this.accounts = accounts;
        this.exercises = exercises;
    }

    /**
     * What somebody has given.
     *
     * @param points of each submission that they settled, the lowest first
     * @param proposed what the check had proposed for these, on average
     * @param given what they gave, on average
     * @param changed of each hundred items, so many they gave other points for than were proposed
     */
    record TutorPoints(long account, String name, List<Double> points, double proposed, double given, double changed) {}

    /**
     * What somebody gave in one case.
     *
     * @param mean of the points
     * @param submissions some of them
     */
    record CaseGiven(long account, String name, int times, double mean, List<Long> submissions) {}

    /**
     * Submissions in which the check had found just the same at something, marked by several.
     *
     * @param near what was there instead, with roles in braces; null where it was met
     * @param asks who stands out, as a question; null where nobody does
     */
    record LikeCase(
            String item,
            @Nullable String near,
            double proposed,
            double possible,
            List<CaseGiven> given,
            @Nullable String asks) {}

    /** @param possible points, the most there could be */
    record EvennessView(double possible, List<TutorPoints> tutors, List<LikeCase> cases) {}

    private record Settled(long submission, long student, String group, long by, List<Summary.Item> items) {

        private static Settled of(ResultSet r) throws SQLException {
            return new Settled(r.getLong(1), r.getLong(2), r.getString(3), r.getLong(4), Summary.items(r.getString(5)));
        }
    }

    private record Decided(double points, long by) {}

    private record Case(String item, @Nullable String near, double proposed, boolean open, double possible) {}

    private record Given(long submission, long by, double points) {}

    EvennessView view(long exercise, LongFunction<Viewer> viewers) {
        Viewer viewer = viewers.apply(exercises.line(exercise).courseId());
        Map<Long, Settled> byStudent = new LinkedHashMap<>();
        records.sql(SETTLED).param("exercise", exercise).query((r, i) -> Settled.of(r)).list().stream()
                .filter(s -> viewer.sight().everybody() || viewer.sight().own().contains(s.group()))
                .filter(s -> !viewer.hidden().contains(s.submission()))
                .forEach(s -> byStudent.put(s.student(), s));
        Map<Long, Map<String, Decided>> decided = new HashMap<>();
        records.sql(DECIDED).param("exercise", exercise).query(r -> {
            decided.computeIfAbsent(r.getLong(1), k -> new HashMap<>())
                    .put(r.getString(2), new Decided(r.getBigDecimal(3).doubleValue(), r.getLong(4)));
        });
        Map<Long, String> names = accounts.names();
        Collection<Settled> all = byStudent.values();
        return new EvennessView(
                all.stream()
                        .mapToDouble(s -> s.items().stream()
                                .mapToDouble(Summary.Item::possible)
                                .sum())
                        .max()
                        .orElse(0),
                tutors(all, decided, names),
                cases(all, decided, names));
    }

    private static List<TutorPoints> tutors(
            Collection<Settled> all, Map<Long, Map<String, Decided>> decided, Map<Long, String> names) {
        Map<Long, List<Settled>> byTutor =
                all.stream().collect(Collectors.groupingBy(Settled::by, TreeMap::new, Collectors.toList()));
        List<TutorPoints> tutors = new ArrayList<>();
        byTutor.forEach((account, own) -> {
            double proposed = 0;
            int items = 0;
            int changed = 0;
            List<Double> points = new ArrayList<>();
            for (Settled s : own) {
                double sum = 0;
                for (Summary.Item i : s.items()) {
                    Decided d = decided.getOrDefault(s.submission(), Map.of()).get(i.key());
                    sum += d == null ? i.proposed() : d.points();
                    proposed += i.proposed();
                    items++;
                    changed += d != null && d.points() != i.proposed() ? 1 : 0;
                }
                points.add(Marking.quarter(sum));
            }
            points.sort(null);
            tutors.add(new TutorPoints(
                    account,
                    names.getOrDefault(account, ""),
                    points,
                    proposed / own.size(),
                    points.stream().mapToDouble(Double::doubleValue).average().orElse(0),
                    items == 0 ? 0 : 100.0 * changed / items));
        });
        tutors.sort(Comparator.comparing(TutorPoints::name));
        return tutors;
    }

    private static List<LikeCase> cases(
            Collection<Settled> all, Map<Long, Map<String, Decided>> decided, Map<Long, String> names) {
        Map<Case, List<Given>> given = new LinkedHashMap<>();
        for (Settled s : all) {
            for (Summary.Item i : s.items()) {
                Decided d = decided.getOrDefault(s.submission(), Map.of()).get(i.key());
                given.computeIfAbsent(
                                new Case(i.key(), i.near(), i.proposed(), i.open(), i.possible()),
                                k -> new ArrayList<>())
                        .add(
                                d == null
                                        ? new Given(s.submission(), s.by(), i.proposed())
                                        : new Given(s.submission(), d.by(), d.points()));
            }
        }
        List<LikeCase> cases = new ArrayList<>();
        given.forEach((c, of) -> {
            DoubleSummaryStatistics points =
                    of.stream().mapToDouble(Given::points).summaryStatistics();
            long readers = of.stream().map(Given::by).distinct().count();
            if (readers > 1 && points.getMax() - points.getMin() >= QUARTER) {
                cases.add(likeCase(c, of, names));
            }
        });
        cases.sort(Comparator.comparing((LikeCase c) -> c.asks() == null).thenComparing(c -> -spread(c)));
        return cases;
    }

    private static double spread(LikeCase c) {
        DoubleSummaryStatistics means =
                c.given().stream().mapToDouble(CaseGiven::mean).summaryStatistics();
        return means.getMax() - means.getMin();
    }

    private static LikeCase likeCase(Case c, List<Given> of, Map<Long, String> names) {
        Map<Long, List<Given>> byTutor =
                of.stream().collect(Collectors.groupingBy(Given::by, TreeMap::new, Collectors.toList()));
        List<CaseGiven> given = byTutor.entrySet().stream()
                .map(e -> new CaseGiven(
                        e.getKey(),
                        names.getOrDefault(e.getKey(), ""),
                        e.getValue().size(),
                        mean(e.getValue()),
                        e.getValue().stream()
                                .map(Given::submission)
                                .limit(NAMED)
                                .toList()))
                .sorted(Comparator.comparing(CaseGiven::name))
                .toList();
        return new LikeCase(c.item(), c.near(), c.proposed(), c.possible(), given, question(c, given, of));
    }

    private static double mean(List<Given> of) {
        return of.stream().mapToDouble(Given::points).average().orElse(0);
    }

    /** Who stands furthest from the others, where that is far; a question, since the reason may be a good one. */
    private static @Nullable String question(Case c, List<CaseGiven> given, List<Given> of) {
        String asks = null;
        double furthest = Math.max(QUARTER, TELLING * c.possible());
        for (CaseGiven g : given) {
            List<Given> others = of.stream().filter(x -> x.by() != g.account()).toList();
            double distance = Math.abs(g.mean() - mean(others));
            if (distance >= furthest && others.size() >= Math.max(OTHERS, g.times())) {
                furthest = distance;
                asks = g.name() + " gave " + said(g.mean()) + " of " + said(c.possible()) + " in "
                        + times(g.times()) + ", the others " + said(mean(others)) + " in " + times(others.size())
                        + ". Is there a reason?";
            }
        }
        return asks;
    }

    private static String times(int n) {
        return n == 1 ? "one case" : n + " cases";
    }

    private static String said(double points) {
        double rounded = Math.round(points * 100) / 100.0;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }
}
