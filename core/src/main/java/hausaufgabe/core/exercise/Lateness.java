package hausaufgabe.core.exercise;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/**
 * What being late costs. A day begins at the hour at which the exercise was due, by the clock on the wall, so that a day on
 * which clocks change is one day.
 *
 * @param graceMinutes how long after the deadline counts as on time
 * @param pointsPerDay taken off for every day that was begun; 0 for none
 * @param percentPerDay of the points possible, taken off for every day that was begun; 0 for none
 * @param closes after which nothing is taken any more; null for never
 */
public record Lateness(
        int graceMinutes,
        BigDecimal pointsPerDay,
        BigDecimal percentPerDay,
        @Nullable LocalDateTime closes) {

    public static final Lateness NONE = new Lateness(0, BigDecimal.ZERO, BigDecimal.ZERO, null);

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    public Lateness {
        // so that what is equal in value is equal
        pointsPerDay = plain(pointsPerDay);
        percentPerDay = plain(percentPerDay);
    }

    private static BigDecimal plain(BigDecimal n) {
        return n.signum() == 0 ? BigDecimal.ZERO : n.stripTrailingZeros();
    }

    /** How many days were begun after the deadline; 0 for on time, also within the grace. */
    public long daysBegun(Instant at, ZonedDateTime deadline) {
        if (!at.isAfter(deadline.toInstant().plus(graceMinutes, ChronoUnit.MINUTES))) {
            return 0;
        }
        long whole = ChronoUnit.DAYS.between(deadline, at.atZone(deadline.getZone()));
        boolean begun = at.isAfter(deadline.plusDays(whole).toInstant());
        return whole + (begun ? 1 : 0);
    }

    /** What is taken off, in quarters of a point and never more than was earned. */
    public double deduction(Instant at, ZonedDateTime deadline, double earned, double possible) {
        long days = daysBegun(at, deadline);
        BigDecimal off = pointsPerDay
                .add(percentPerDay.multiply(BigDecimal.valueOf(possible)).divide(HUNDRED, 6, RoundingMode.HALF_UP))
                .multiply(BigDecimal.valueOf(days));
        double quarters = off.multiply(BigDecimal.valueOf(4))
                        .setScale(0, RoundingMode.HALF_UP)
                        .doubleValue()
                / 4;
        return Math.max(0, Math.min(earned, quarters));
    }

    /** Whether lateness costs anything. */
    public boolean costs() {
        return pointsPerDay.signum() > 0 || percentPerDay.signum() > 0;
    }
}
