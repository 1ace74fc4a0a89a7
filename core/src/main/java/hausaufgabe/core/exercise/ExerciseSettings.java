package hausaufgabe.core.exercise;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How an exercise is set, beside its brief and its pattern. Times are those of a clock on the wall in {@code zone}.
 *
 * @param title its name for people
 * @param opens from when on it can be handed in; null for at once
 * @param due until when it is on time; null for no end
 * @param late what happens after that
 * @param rounding how points that were earned become the points that stand
 * @param attempts how often it may be handed in, and which time counts
 * @param shows what students may see before grades are released
 * @param criteria what a person judges, in the order in which it is shown
 * @param names what the brief fixes: by the name of a role the name of the type that must play it
 * @param languages names of the languages that solutions may be written in, such as {@code java}; at least one
 * @param wrong by the name of a wrong solution the ids of requirements and names of scenarios that are to catch it
 */
public record ExerciseSettings(
        String title,
        ZoneId zone,
        @Nullable LocalDateTime opens,
        @Nullable LocalDateTime due,
        Lateness late,
        Rounding rounding,
        Attempts attempts,
        Shown shows,
        List<Criterion> criteria,
        Map<String, String> names,
        List<String> languages,
        Map<String, List<String>> wrong) {

    /** What is taken where nothing is said of it. */
    public static final List<String> USUAL_LANGUAGES = List.of("java");

    public ExerciseSettings {
        languages = List.copyOf(languages);
        criteria = List.copyOf(criteria);
        names = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(names));
        wrong = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(wrong));
    }

    /** An exercise of which nothing but its name was said. */
    public static ExerciseSettings named(String title, ZoneId zone) {
        return new ExerciseSettings(
                title,
                zone,
                null,
                null,
                Lateness.NONE,
                Rounding.USUAL,
                Attempts.ANY,
                Shown.NOTHING,
                List.of(),
                Map.of(),
                USUAL_LANGUAGES,
                Map.of());
    }

    /**
     * How often and in which way it may be handed in.
     *
     * @param most 0 for as often as one likes
     * @param steps whether it is to be solved in small steps, each of which is looked at where it was kept as a commit
     */
    public record Attempts(int most, Counting counts, boolean steps) {
        public static final Attempts ANY = new Attempts(0, Counting.LAST);

        /** Those of which each is looked at as a whole. */
        public Attempts(int most, Counting counts) {
            this(most, counts, false);
        }
    }

    /** Which of several attempts counts. Of two that are worth the same the later one. */
    public enum Counting {
        LAST,
        FIRST,
        BEST
    }

    /** What students may see before grades are released. */
    public enum Shown {
        NOTHING,
        FINDINGS,
        FINDINGS_AND_SCENARIOS
    }

    /** The moment from which it can be handed in; empty for at once. */
    public Optional<ZonedDateTime> opening() {
        return Optional.ofNullable(opens).map(t -> t.atZone(zone));
    }

    /** The moment until which it is on time; of an hour that comes twice the later one. Empty for no end. */
    public Optional<ZonedDateTime> deadline() {
        return Optional.ofNullable(due).map(t -> t.atZone(zone).withLaterOffsetAtOverlap());
    }

    /** The moment after which nothing is taken; empty where there is none. */
    public Optional<ZonedDateTime> close() {
        return Optional.ofNullable(late.closes()).map(t -> t.atZone(zone).withLaterOffsetAtOverlap());
    }
}
