package hausaufgabe.core.grading;

import java.math.BigDecimal;

/**
 * What a student has in one exercise.
 *
 * @param points as they stand; 0 where nothing was handed in
 * @param possible above 0
 */
public record Result(long exercise, BigDecimal points, BigDecimal possible) {

    Fraction share() {
        return Fraction.of(points).by(Fraction.of(possible));
    }
}
