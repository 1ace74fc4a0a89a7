package hausaufgabe.server.grade;

import hausaufgabe.server.course.Student;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Summary;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Submissions of an exercise that have just the same mistakes, so that one answer does for all of them. Read, as the grade
 * sheet is, from what was kept for lists.
 */
@Service
class Likenesses {

    private static final String KEPT = """
            select s.id as submission, r.items as items, v.version as version
            from Submission s
            join CheckRun r on r.id = s.currentRun
            left join Review v on v.submissionId = s.id
            where s.exerciseId = :exercise
            """;
    /** As {@code Reviews} calls the version of a review that nobody has begun. */
    private static final String UNTOUCHED = "new";

    private final Grades grades;
    private final EntityManager entities;

    Likenesses(Grades grades, EntityManager entities) {
        this.grades = grades;
        this.entities = entities;
    }

    /**
     * A submission among those that are alike.
     *
     * @param toSettle what the check could not decide and no person has
     * @param miss which of the ways to miss it has, from 0
     * @param form null where no role was found
     * @param feedback whether there is some already
     * @param version of its review, to be sent back with an answer
     */
    record Alike(
            Student student,
            long submissionId,
            double points,
            double possible,
            boolean late,
            boolean settled,
            boolean feedback,
            int toSettle,
            int miss,
            @Nullable String form,
            String version) {}

    /**
     * What is missing, with the most that can be given for it.
     *
     * @param item by which points are given
     */
    record Lacking(String item, double proposed, double possible) {}

    /**
     * Submissions with the same mistakes.
     *
     * @param compiles whether they do
     * @param mistakes none where nothing is missing, or where they do not compile
     * @param misses what is there instead of what is missing, the most frequent first
     * @param members those with the same way to miss together, the most frequent way first; of these those that nobody has
     *     settled
     */
    record Likeness(boolean compiles, List<Lacking> mistakes, List<Miss> misses, List<Alike> members) {}

    /**
     * A way to miss what is missing.
     *
     * @param said for each mistake what is there instead, roles in braces; in the order of the mistakes
     * @param count how many have it
     */
    record Miss(List<String> said, int count) {}

    /**
     * @param groups the largest first; of those as large, that with the fewest mistakes
     * @param unchecked how many were handed in and have no report yet
     */
    record LikenessView(List<Likeness> groups, int unchecked) {}

    @Transactional(readOnly = true)
    LikenessView view(long exercise, LongFunction<Viewer> viewers) {
        Map<Long, String> items = new HashMap<>();
        Map<Long, String> versions = new HashMap<>();
        for (Tuple t : entities.createQuery(KEPT, Tuple.class)
                .setParameter("exercise", exercise)
                .getResultList()) {
            Long id = t.get("submission", Long.class);
            items.put(id, t.get("items", String.class));
            Integer version = t.get("version", Integer.class);
            versions.put(id, version == null ? UNTOUCHED : String.valueOf(version));
        }
        Map<Kind, List<Member>> groups = new LinkedHashMap<>();
        int unchecked = 0;
        for (Grades.Row row : grades.sheet(exercise, viewers).rows()) {
            Grades.CountedAttempt a = row.handedIn();
            if (a == null) {
                continue;
            }
            if (row.points() == null || a.state() != HandedIn.State.CHECKED) {
                unchecked++;
                continue;
            }
            List<Lacking> mistakes = a.compiled() ? mistakes(items.get(a.submissionId())) : List.of();
            groups.computeIfAbsent(new Kind(a.compiled(), mistakes), k -> new ArrayList<>())
                    .add(new Member(row, a, versions.get(a.submissionId()), nears(items.get(a.submissionId()))));
        }
        List<Likeness> found = groups.entrySet().stream()
                .map(g -> likeness(g.getKey(), g.getValue()))
                .sorted(Comparator.comparingInt((Likeness l) -> -l.members().size())
                        .thenComparingInt(l -> l.mistakes().size()))
                .toList();
        return new LikenessView(found, unchecked);
    }

    private record Kind(boolean compiles, List<Lacking> mistakes) {}

    /** @param near what is there instead of each of its mistakes */
    private record Member(Grades.Row row, Grades.CountedAttempt attempt, String version, List<String> near) {}

    private static Likeness likeness(Kind kind, List<Member> members) {
        Map<List<String>, Integer> counts = new LinkedHashMap<>();
        members.forEach(m -> counts.merge(kind.compiles() ? m.near() : List.of(), 1, Integer::sum));
        List<Miss> misses = counts.entrySet().stream()
                .map(e -> new Miss(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt((Miss m) -> -m.count()))
                .toList();
        Map<List<String>, Integer> places = new HashMap<>();
        misses.forEach(m -> places.put(m.said(), places.size()));
        return new Likeness(
                kind.compiles(),
                kind.mistakes(),
                misses,
                members.stream()
                        .map(m -> alike(m, places.getOrDefault(m.near(), 0)))
                        .sorted(Comparator.comparingInt(Alike::miss).thenComparing(Alike::settled))
                        .toList());
    }

    private static List<String> nears(String items) {
        return lacking(items).map(i -> i.near() == null ? "" : i.near()).toList();
    }

    private static Alike alike(Member m, int miss) {
        Grades.Row row = m.row();
        Grades.CountedAttempt a = m.attempt();
        return new Alike(
                row.student(),
                a.submissionId(),
                row.points(),
                row.possible(),
                a.late(),
                row.settled(),
                !row.feedback().isBlank(),
                a.toSettle(),
                miss,
                a.form(),
                m.version());
    }

    private static List<Lacking> mistakes(String items) {
        return lacking(items)
                .map(i -> new Lacking(i.key(), i.proposed(), i.possible()))
                .toList();
    }

    private static Stream<Summary.Item> lacking(String items) {
        return Summary.items(items).stream().filter(i -> !i.open() && i.proposed() < i.possible());
    }
}
