package hausaufgabe.server.grade;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.core.grading.Scheme;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import hausaufgabe.server.exercise.Exercises;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How the courses come to their grades. */
@Service
public class Schemes {

    /** The version of a scheme that nobody has written. */
    public static final String UNWRITTEN = "none";

    interface Repository extends JpaRepository<CourseScheme, Long> {}

    private final Repository schemes;
    private final Exercises exercises;
    private final CourseLog log;
    private final ObjectMapper mapper;

    Schemes(Repository schemes, Exercises exercises, CourseLog log, ObjectMapper mapper) {
        this.schemes = schemes;
        this.exercises = exercises;
        this.log = log;
        this.mapper = mapper;
    }

    /**
     * A course's scheme.
     *
     * @param version to be named by whoever changes it
     * @param written whether somebody has; without one all exercises count by their points
     */
    public record SchemeView(Scheme scheme, String version, boolean written) {}

    @Transactional(readOnly = true)
    SchemeView of(long course) {
        return schemes.findById(course)
                .map(s -> new SchemeView(read(s.scheme).among(known(course)), String.valueOf(s.version), true))
                .orElseGet(() -> new SchemeView(Scheme.plain(opened(course)), UNWRITTEN, false));
    }

    private Set<Long> known(long course) {
        return exercises.ofCourse(course).stream().map(Exercises.Line::id).collect(Collectors.toSet());
    }

    private List<Long> opened(long course) {
        return exercises.ofCourse(course).stream()
                .filter(e -> e.version() != null)
                .map(Exercises.Line::id)
                .toList();
    }

    /**
     * Writes it.
     *
     * @param version that it was read at
     * @throws Problem where it names an exercise of another course, or somebody else has written it meanwhile
     */
    @Transactional
    public SchemeView write(long course, Scheme scheme, String version, Person by) {
        Set<Long> known = known(course);
        for (Scheme.Portion p : scheme.parts()) {
            if (!known.containsAll(p.exercises())) {
                throw Problem.badRequest("“" + p.title() + "” names an exercise that this course does not have.");
            }
        }
        CourseScheme s = schemes.findById(course).orElseGet(() -> new CourseScheme(course));
        String before = s.scheme;
        if (!(before == null ? UNWRITTEN : String.valueOf(s.version)).equals(version)) {
            throw changed();
        }
        s.scheme = json(scheme);
        try {
            CourseScheme kept = schemes.saveAndFlush(s);
            log.add(new CourseLog.Entry(course, null, null, CourseLog.Aspect.SCHEME, before, kept.scheme, null), by);
            return new SchemeView(scheme, String.valueOf(kept.version), true);
        } catch (ObjectOptimisticLockingFailureException e) {
            throw changed();
        }
    }

    private static Problem changed() {
        return Problem.outdated(
                "Somebody else has changed this course's scheme since you opened it. Nothing of yours was"
                        + " stored, and it still stands in the fields.");
    }

    /**
     * A scheme as it is stored, for the same exercises under other numbers; one that has none there no longer counts.
     *
     * @param numbers the new ones by the old ones
     */
    public static String renumbered(String scheme, ObjectMapper mapper, Map<?, ?> numbers)
            throws JsonProcessingException {
        JsonNode root = mapper.readTree(scheme);
        for (JsonNode part : root.path("parts")) {
            ArrayNode here = mapper.createArrayNode();
            part.path("exercises").forEach(e -> {
                if (numbers.get(e.asLong()) instanceof Long number) {
                    here.add(number);
                }
            });
            ((ObjectNode) part).set("exercises", here);
        }
        return mapper.writeValueAsString(root);
    }

    private String json(Scheme scheme) {
        try {
            return mapper.writeValueAsString(scheme);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private Scheme read(String json) {
        try {
            return mapper.readValue(json, Scheme.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
