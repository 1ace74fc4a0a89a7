package hausaufgabe.core.grading;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How the points of exercises come to one percentage and one grade.
 *
 * @param parts what counts; an exercise counts in one of them or nowhere
 * @param places decimal places that the percentage is rounded to before the grade is read off, from 0 to 4
 * @param rounding how it is rounded
 */
public record Scheme(List<Portion> parts, int places, Direction rounding, Scale scale) {

    private static final int MOST_PARTS = 20;
    private static final int MOST_PLACES = 4;
    private static final int LONGEST_TITLE = 80;
    private static final BigDecimal ALL = BigDecimal.valueOf(100);
    private static final BigDecimal HEAVIEST = BigDecimal.valueOf(10_000);

    /** Which way a percentage between two is rounded. */
    public enum Direction {
        /** To the nearer one; from the middle up. */
        NEAREST,
        UP,
        DOWN;

        RoundingMode mode() {
            return switch (this) {
                case NEAREST -> RoundingMode.HALF_UP;
                case UP -> RoundingMode.UP;
                case DOWN -> RoundingMode.DOWN;
            };
        }
    }

    /**
     * Exercises that count together.
     *
     * @param weight what it counts in relation to the other parts; above 0
     * @param exercises their numbers in the records
     * @param best how many of them count, those that are best by percent; null for all
     * @param alike whether each counts the same, instead of by its points
     * @param bonus whether it only adds to what the others come to, which together never is more than 100 %
     * @param minimum percent of the part without which the course is not passed; null for none
     */
    public record Portion(
            String title,
            BigDecimal weight,
            List<Long> exercises,
            @Nullable Integer best,
            boolean alike,
            boolean bonus,
            @Nullable BigDecimal minimum) {

        /** @throws SchemeException where it cannot be reckoned with */
        public Portion {
            exercises = List.copyOf(exercises);
            if (title.isBlank() || title.length() > LONGEST_TITLE) {
                throw new SchemeException("Give every part a title of at most " + LONGEST_TITLE + " characters.");
            }
            if (weight.signum() <= 0 || weight.compareTo(HEAVIEST) > 0) {
                throw new SchemeException("“" + title + "” needs a weight above 0 and of at most "
                        + HEAVIEST.toPlainString() + "; it has " + weight.toPlainString() + ".");
            }
            if (best != null && (best < 1 || best > exercises.size())) {
                throw new SchemeException("Of “" + title + "” the best " + best + " of " + exercises.size()
                        + " cannot count. Choose from 1 to " + exercises.size() + ", or all.");
            }
            if (minimum != null && (minimum.signum() < 0 || minimum.compareTo(ALL) > 0)) {
                throw new SchemeException("The minimum of “" + title + "” can be from 0 to 100 %; it is "
                        + minimum.toPlainString() + ".");
            }
        }

        private Portion among(Set<Long> known) {
            List<Long> left = exercises.stream().filter(known::contains).toList();
            Integer most = best == null || left.isEmpty() ? null : Integer.valueOf(Math.min(best, left.size()));
            return new Portion(title, weight, left, most, alike, bonus, minimum);
        }
    }

    /** @throws SchemeException where it cannot be reckoned with */
    public Scheme {
        parts = List.copyOf(parts);
        if (parts.size() > MOST_PARTS) {
            throw new SchemeException(
                    "A scheme has at most " + MOST_PARTS + " parts; this one has " + parts.size() + ".");
        }
        if (places < 0 || places > MOST_PLACES) {
            throw new SchemeException(
                    "A percentage is rounded to 0 to " + MOST_PLACES + " places; not to " + places + ".");
        }
        Set<Long> seen = new HashSet<>();
        Set<String> titles = new HashSet<>();
        for (Portion p : parts) {
            if (!titles.add(p.title().strip())) {
                throw new SchemeException("Two parts are called “" + p.title() + "”. Call one otherwise.");
            }
            for (Long e : p.exercises()) {
                if (!seen.add(e)) {
                    throw new SchemeException("An exercise counts twice, the second time in “" + p.title()
                            + "”. Take it out of one part.");
                }
            }
        }
        if (!parts.isEmpty() && parts.stream().allMatch(Portion::bonus)) {
            throw new SchemeException("A bonus adds to something: one part at least has to be none.");
        }
    }

    /** All of these exercises count, by their points; no grades. */
    public static Scheme plain(List<Long> exercises) {
        return new Scheme(
                exercises.isEmpty()
                        ? List.of()
                        : List.of(new Portion("Exercises", BigDecimal.ONE, exercises, null, false, false, null)),
                1,
                Direction.NEAREST,
                Scale.NONE);
    }

    /** The same without exercises that are no longer there; where the best of a part count, no more of them than are left. */
    public Scheme among(Set<Long> known) {
        return new Scheme(parts.stream().map(p -> p.among(known)).toList(), places, rounding, scale);
    }

    /** Whether a part counts this exercise. */
    public boolean counts(long exercise) {
        return parts.stream().anyMatch(p -> p.exercises().contains(exercise));
    }
}
