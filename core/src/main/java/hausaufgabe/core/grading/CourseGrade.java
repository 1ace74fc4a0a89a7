package hausaufgabe.core.grading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a student's points come to by a scheme. Only what there is a result for is reckoned with: an exercise that a student is
 * excused from, or that is still to come, neither helps nor hurts, and a part without any is left out with its weight.
 *
 * @param percent rounded as the scheme says; null where nothing counts yet
 * @param grade null where the scheme gives none, or nothing counts yet
 * @param passed null as the grade
 */
public record CourseGrade(
        @Nullable BigDecimal percent,
        @Nullable String grade,
        @Nullable Boolean passed,
        List<PartGrade> parts) {

    private static final Fraction HUNDRED = Fraction.of(BigDecimal.valueOf(100));

    /**
     * One part of the scheme.
     *
     * @param percent rounded as the scheme says; null where nothing of it counts yet
     * @param counted the exercises that made it up
     * @param below whether it stays below the minimum that it asks for
     */
    public record PartGrade(String title, @Nullable BigDecimal percent, List<Long> counted, boolean below) {}

    /** A part as it is, before anything is rounded. */
    private record Reckoned(Scheme.Portion part, List<Result> counted, Fraction share) {}

    /** @param results of what a student could get points for so far; in any order */
    public static CourseGrade of(Scheme scheme, List<Result> results) {
        Map<Long, Result> byExercise =
                results.stream().collect(Collectors.toMap(Result::exercise, Function.identity()));
        List<Reckoned> reckoned = new ArrayList<>();
        List<PartGrade> parts = new ArrayList<>();
        boolean below = false;
        for (Scheme.Portion p : scheme.parts()) {
            List<Result> counted = counted(p, byExercise);
            if (counted.isEmpty()) {
                parts.add(new PartGrade(p.title(), null, List.of(), false));
                continue;
            }
            Fraction share = share(p, counted);
            BigDecimal percent = percent(scheme, share);
            boolean tooLittle = p.minimum() != null && percent.compareTo(p.minimum()) < 0;
            below |= tooLittle;
            reckoned.add(new Reckoned(p, counted, share));
            parts.add(new PartGrade(
                    p.title(), percent, counted.stream().map(Result::exercise).toList(), tooLittle));
        }
        Fraction weight = sum(reckoned.stream().filter(r -> !r.part().bonus()).map(r -> weight(r)));
        if (weight.compareTo(Fraction.ZERO) == 0) {
            return new CourseGrade(null, null, null, parts);
        }
        Fraction whole =
                sum(reckoned.stream().map(r -> weight(r).times(r.share()))).by(weight);
        BigDecimal percent = percent(scheme, whole.compareTo(Fraction.ONE) > 0 ? Fraction.ONE : whole);
        if (scheme.scale().steps().isEmpty()) {
            return new CourseGrade(percent, null, null, parts);
        }
        Scale.GradeStep reached = scheme.scale().at(percent);
        Scale.GradeStep given = below && reached.passes() ? scheme.scale().failing() : reached;
        return new CourseGrade(percent, given.grade(), given.passes() && !below, parts);
    }

    private static Fraction weight(Reckoned r) {
        return Fraction.of(r.part().weight());
    }

    private static BigDecimal percent(Scheme scheme, Fraction share) {
        return share.times(HUNDRED).decimal(scheme.places(), scheme.rounding().mode());
    }

    private static Fraction sum(java.util.stream.Stream<Fraction> all) {
        return all.reduce(Fraction.ZERO, Fraction::plus);
    }

    /** Those that count: all, or the best by percent; of those that are equal the one that is worth more. */
    private static List<Result> counted(Scheme.Portion part, Map<Long, Result> byExercise) {
        List<Result> there = part.exercises().stream()
                .map(byExercise::get)
                .filter(Objects::nonNull)
                .toList();
        if (part.best() == null || there.size() <= part.best()) {
            return there;
        }
        List<Result> best = there.stream()
                .sorted(Comparator.comparing(Result::share)
                        .thenComparing(Result::possible)
                        .reversed())
                .limit(part.best())
                .toList();
        return there.stream().filter(best::contains).toList();
    }

    private static Fraction share(Scheme.Portion part, List<Result> counted) {
        if (part.alike()) {
            return sum(counted.stream().map(Result::share)).by(Fraction.of(BigDecimal.valueOf(counted.size())));
        }
        return sum(counted.stream().map(r -> Fraction.of(r.points())))
                .by(sum(counted.stream().map(r -> Fraction.of(r.possible()))));
    }
}
