package hausaufgabe.server.grade;

import hausaufgabe.server.course.Student;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Submissions whose design and bodies are equal but for names: a fact to look at, and no more than that. */
@Service
class Twins {

    private static final String PRINTS = """
            select s.id as submission, r.print as print
            from Submission s
            join CheckRun r on r.id = s.currentRun
            where s.exerciseId = :exercise and r.print is not null
            """;

    private final Grades grades;
    private final EntityManager entities;

    Twins(Grades grades, EntityManager entities) {
        this.grades = grades;
        this.entities = entities;
    }

    record Twin(long submissionId, Student student, int attempt) {}

    /** @param members two or more, by name */
    record TwinGroup(List<Twin> members) {}

    /** The largest groups first. */
    @Transactional(readOnly = true)
    List<TwinGroup> view(long exercise, LongFunction<Viewer> viewers) {
        Map<Long, String> prints = new HashMap<>();
        for (Tuple t : entities.createQuery(PRINTS, Tuple.class)
                .setParameter("exercise", exercise)
                .getResultList()) {
            prints.put(t.get("submission", Long.class), t.get("print", String.class));
        }
        Map<String, List<Twin>> groups = new LinkedHashMap<>();
        for (Grades.Row row : grades.sheet(exercise, viewers).rows()) {
            Grades.CountedAttempt a = row.handedIn();
            String print = a == null ? null : prints.get(a.submissionId());
            if (print != null) {
                groups.computeIfAbsent(print, p -> new ArrayList<>())
                        .add(new Twin(a.submissionId(), row.student(), a.attempt()));
            }
        }
        return groups.values().stream()
                .filter(g -> g.size() > 1)
                .sorted(Comparator.comparingInt((List<Twin> g) -> -g.size()))
                .map(TwinGroup::new)
                .toList();
    }
}
