package hausaufgabe.server.grade;

import hausaufgabe.server.course.Sight;
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
     * @param members those that nobody has settled first
     */
    record Likeness(boolean compiles, List<Lacking> mistakes, List<Alike> members) {}

    /**
     * @param groups the largest first; of those as large, that with the fewest mistakes
     * @param unchecked how many were handed in and have no report yet
     */
    record LikenessView(List<Likeness> groups, int unchecked) {}

    @Transactional(readOnly = true)
    LikenessView view(long exercise, LongFunction<Sight> sights) {
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
        Map<Kind, List<Alike>> groups = new LinkedHashMap<>();
        int unchecked = 0;
        for (Grades.Row row : grades.sheet(exercise, sights).rows()) {
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
                    .add(alike(row, a, versions.get(a.submissionId())));
        }
        List<Likeness> found = groups.entrySet().stream()
                .map(g -> new Likeness(
                        g.getKey().compiles(),
                        g.getKey().mistakes(),
                        g.getValue().stream()
                                .sorted(Comparator.comparing(Alike::settled))
                                .toList()))
                .sorted(Comparator.comparingInt((Likeness l) -> -l.members().size())
                        .thenComparingInt(l -> l.mistakes().size()))
                .toList();
        return new LikenessView(found, unchecked);
    }

    private record Kind(boolean compiles, List<Lacking> mistakes) {}

    private static Alike alike(Grades.Row row, Grades.CountedAttempt a, String version) {
        return new Alike(
                row.student(),
                a.submissionId(),
                row.points(),
                row.possible(),
                a.late(),
                row.settled(),
                !row.feedback().isBlank(),
                a.toSettle(),
                a.form(),
                version);
    }

    private static List<Lacking> mistakes(String items) {
        return Summary.items(items).stream()
                .filter(i -> !i.open() && i.proposed() < i.possible())
                .map(i -> new Lacking(i.key(), i.proposed(), i.possible()))
                .toList();
    }
}
