package hausaufgabe.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CourseGradeTest {

    private static final Scale NUMBERS = new Scale(List.of(
            new Scale.GradeStep(new BigDecimal("90"), "1.0", true),
            new Scale.GradeStep(new BigDecimal("66.7"), "2.0", true),
            new Scale.GradeStep(new BigDecimal("50"), "4.0", true),
            new Scale.GradeStep(BigDecimal.ZERO, "5.0", false)));

    private static Result result(long exercise, String points, String possible) {
        return new Result(exercise, new BigDecimal(points), new BigDecimal(possible));
    }

    private static Scheme.Portion part(String title, String weight, Integer best, long... exercises) {
        return new Scheme.Portion(
                title, new BigDecimal(weight), LongStream.of(exercises).boxed().toList(), best, false, false, null);
    }

    private static Scheme scheme(int places, Scheme.Direction rounding, Scheme.Portion... parts) {
        return new Scheme(List.of(parts), places, rounding, NUMBERS);
    }

    private static BigDecimal percent(Scheme scheme, Result... results) {
        return CourseGrade.of(scheme, List.of(results)).percent();
    }

    @Test
    void pointsOfAllExercisesAreAddedUp() {
        CourseGrade grade =
                CourseGrade.of(Scheme.plain(List.of(1L, 2L)), List.of(result(1, "7.25", "10"), result(2, "12", "15")));

        assertEquals(new BigDecimal("77.0"), grade.percent());
        assertNull(grade.grade());
        assertNull(grade.passed());
    }

    @ParameterizedTest
    @CsvSource({"NEAREST, 66.7, 2.0", "DOWN, 66.6, 4.0", "UP, 66.7, 2.0"})
    void whatIsBetweenIsRoundedOnceAndAsStated(Scheme.Direction rounding, String percent, String grade) {
        CourseGrade given =
                CourseGrade.of(scheme(1, rounding, part("Exercises", "1", null, 1)), List.of(result(1, "2", "3")));

        assertEquals(new BigDecimal(percent), given.percent());
        assertEquals(grade, given.grade());
    }

    @Test
    void aSumOfThirdsIsNotRoundedOnTheWay() {
        Scheme thirds = scheme(
                2, Scheme.Direction.DOWN, part("A", "1", null, 1), part("B", "1", null, 2), part("C", "1", null, 3));

        assertEquals(
                new BigDecimal("50.00"),
                percent(thirds, result(1, "1", "3"), result(2, "1", "2"), result(3, "2", "3")));
    }

    @Test
    void partsCountByTheirWeights() {
        Scheme two = scheme(1, Scheme.Direction.NEAREST, part("Weekly", "3", null, 1), part("Project", "1", null, 2));

        assertEquals(new BigDecimal("75.0"), percent(two, result(1, "10", "10"), result(2, "0", "20")));
    }

    @Test
    void onlyTheBestCount() {
        Scheme best = scheme(1, Scheme.Direction.NEAREST, part("Weekly", "1", 2, 1, 2, 3));
        CourseGrade grade =
                CourseGrade.of(best, List.of(result(1, "5", "10"), result(2, "9", "10"), result(3, "16", "20")));

        assertEquals(List.of(2L, 3L), grade.parts().get(0).counted());
        assertEquals(new BigDecimal("83.3"), grade.percent());
    }

    @Test
    void ofEqualOnesTheOneThatIsWorthMoreCounts() {
        Scheme best = scheme(1, Scheme.Direction.NEAREST, part("Weekly", "1", 1, 1, 2));

        assertEquals(
                List.of(2L),
                CourseGrade.of(best, List.of(result(1, "5", "10"), result(2, "10", "20")))
                        .parts()
                        .get(0)
                        .counted());
    }

    @Test
    void eachCountsTheSameWhereThatIsSaid() {
        Scheme.Portion alike = new Scheme.Portion("Weekly", BigDecimal.ONE, List.of(1L, 2L), null, true, false, null);

        assertEquals(
                new BigDecimal("50.0"),
                percent(scheme(1, Scheme.Direction.NEAREST, alike), result(1, "2", "2"), result(2, "0", "98")));
    }

    @Test
    void whatThereIsNoResultForNeitherHelpsNorHurts() {
        Scheme two =
                scheme(1, Scheme.Direction.NEAREST, part("Weekly", "1", null, 1, 2), part("Project", "9", null, 3));

        CourseGrade grade = CourseGrade.of(two, List.of(result(1, "6", "10")));

        assertEquals(new BigDecimal("60.0"), grade.percent());
        assertNull(grade.parts().get(1).percent());
    }

    @Test
    void nothingIsSaidWhereNothingCounts() {
        CourseGrade grade =
                CourseGrade.of(scheme(1, Scheme.Direction.NEAREST, part("Weekly", "1", null, 1)), List.of());

        assertNull(grade.percent());
        assertNull(grade.passed());
    }

    @Test
    void aBonusAddsAndNeverComesToMoreThanAll() {
        Scheme.Portion bonus = new Scheme.Portion("Extra", new BigDecimal("0.1"), List.of(2L), null, false, true, null);
        Scheme with = scheme(1, Scheme.Direction.NEAREST, part("Weekly", "1", null, 1), bonus);

        assertEquals(new BigDecimal("85.0"), percent(with, result(1, "8", "10"), result(2, "5", "10")));
        assertEquals(new BigDecimal("100.0"), percent(with, result(1, "10", "10"), result(2, "10", "10")));
        assertEquals(new BigDecimal("80.0"), percent(with, result(1, "8", "10")));
    }

    @Test
    void aMinimumThatIsMissedFailsWhateverTheRest() {
        Scheme.Portion project =
                new Scheme.Portion("Project", BigDecimal.ONE, List.of(2L), null, false, false, new BigDecimal("50"));
        Scheme two = scheme(1, Scheme.Direction.NEAREST, part("Weekly", "3", null, 1), project);

        CourseGrade failed = CourseGrade.of(two, List.of(result(1, "10", "10"), result(2, "4", "10")));
        assertEquals("5.0", failed.grade());
        assertEquals(false, failed.passed());
        assertTrue(failed.parts().get(1).below());
        CourseGrade passed = CourseGrade.of(two, List.of(result(1, "10", "10"), result(2, "5", "10")));
        assertEquals("2.0", passed.grade());
        assertFalse(passed.parts().get(1).below());
    }

    @Property
    void moreOfSomethingIsNeverWorse(
            @ForAll @IntRange(max = 40) int first,
            @ForAll @IntRange(max = 39) int second,
            @ForAll @IntRange(min = 1, max = 3) int best) {
        Scheme three = scheme(
                3, Scheme.Direction.NEAREST, part("Weekly", "2", best, 1, 2, 3), part("Project", "1.5", null, 4));
        List<Result> less = new ArrayList<>(
                List.of(quarters(1, first), quarters(2, second), result(3, "3.25", "10"), result(4, "1", "3")));
        BigDecimal before = CourseGrade.of(three, less).percent();
        less.set(1, quarters(2, second + 1));

        assertTrue(CourseGrade.of(three, less).percent().compareTo(before) >= 0);
    }

    private static Result quarters(long exercise, int quarters) {
        return new Result(exercise, BigDecimal.valueOf(25L * quarters, 2), BigDecimal.TEN);
    }

    @Test
    void anExerciseThatIsNoLongerThereIsLeftOut() {
        Scheme three = scheme(1, Scheme.Direction.NEAREST, part("Weekly", "1", 2, 1, 2, 3), part("Project", "1", 1, 4));

        Scheme left = three.among(java.util.Set.of(1L));

        assertEquals(List.of(1L), left.parts().get(0).exercises());
        assertEquals(1, left.parts().get(0).best());
        assertEquals(List.of(), left.parts().get(1).exercises());
        assertNull(left.parts().get(1).best());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0|Weekly|1|needs a weight above 0",
                "1||1|Give every part a title",
                "1|Weekly|4|the best 4 of 2 cannot count",
            })
    void aPartThatCannotBeReckonedWithIsToldOf(String weight, String title, int best, String said) {
        String called = title == null ? "" : title;
        SchemeException told = assertThrows(SchemeException.class, () -> part(called, weight, best, 1, 2));

        assertTrue(told.getMessage().contains(said), told.getMessage());
    }

    @Test
    void aSchemeThatCountsTwiceIsToldOf() {
        Scheme.Portion one = part("Weekly", "1", null, 1, 2);
        Scheme.Portion other = part("Project", "1", null, 2);
        Scheme.Portion bonus = new Scheme.Portion("Extra", BigDecimal.ONE, List.of(3L), null, false, true, null);

        assertTold("counts twice, the second time in “Project”", List.of(one, other), NUMBERS);
        assertTold("Two parts are called “Weekly”", List.of(one, part("Weekly", "1", null, 3)), NUMBERS);
        assertTold("one part at least has to be none", List.of(bonus), NUMBERS);
    }

    private static void assertTold(String said, List<Scheme.Portion> parts, Scale scale) {
        SchemeException told =
                assertThrows(SchemeException.class, () -> new Scheme(parts, 1, Scheme.Direction.NEAREST, scale));
        assertTrue(told.getMessage().contains(said), told.getMessage());
    }

    @ParameterizedTest
    @CsvSource({
        "50, true, 60, true, 0, false, is not below",
        "50, false, 40, true, 0, false, which is better",
        "50, true, 40, true, 10, false, has to begin at 0",
        "101, true, 40, true, 0, false, from 0 to 100",
    })
    void aScaleThatIsNoneIsToldOf(
            String a, boolean aPasses, String b, boolean bPasses, String c, boolean cPasses, String said) {
        SchemeException told = assertThrows(
                SchemeException.class,
                () -> new Scale(List.of(
                        new Scale.GradeStep(new BigDecimal(a), "A", aPasses),
                        new Scale.GradeStep(new BigDecimal(b), "B", bPasses),
                        new Scale.GradeStep(new BigDecimal(c), "C", cPasses))));

        assertTrue(told.getMessage().contains(said), told.getMessage());
    }
}
