package hausaufgabe.core.exercise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LatenessTest {

    private static final ZoneId NORDHAFEN = ZoneId.of("Europe/Berlin");
    private static final ZonedDateTime DUE =
            LocalDateTime.parse("2026-12-04T20:00").atZone(NORDHAFEN);

    private static Lateness of(int grace, String points, String percent) {
        return new Lateness(grace, new BigDecimal(points), new BigDecimal(percent), null);
    }

    @Test
    void theDeadlineItselfAndTheGraceAreOnTime() {
        Lateness late = of(15, "1", "0");

        assertEquals(0, late.daysBegun(DUE.toInstant(), DUE));
        assertEquals(0, late.daysBegun(DUE.plusMinutes(15).toInstant(), DUE));
        assertEquals(1, late.daysBegun(DUE.plusMinutes(16).toInstant(), DUE));
        assertEquals(1, late.daysBegun(DUE.plusDays(1).toInstant(), DUE));
        assertEquals(2, late.daysBegun(DUE.plusDays(1).plusSeconds(1).toInstant(), DUE));
    }

    @Test
    void aDayOnWhichClocksChangeIsOneDay() {
        Lateness late = of(0, "1", "0");
        ZonedDateTime inAutumn = LocalDateTime.parse("2026-10-24T20:00").atZone(NORDHAFEN);
        ZonedDateTime inSpring = LocalDateTime.parse("2027-03-27T20:00").atZone(NORDHAFEN);

        // 24 October to 25 October has 25 hours, 27 March to 28 March 23
        assertEquals(1, late.daysBegun(Instant.parse("2026-10-25T18:59:00Z"), inAutumn));
        assertEquals(2, late.daysBegun(Instant.parse("2026-10-25T19:01:00Z"), inAutumn));
        assertEquals(1, late.daysBegun(Instant.parse("2027-03-28T17:59:00Z"), inSpring));
        assertEquals(2, late.daysBegun(Instant.parse("2027-03-28T18:01:00Z"), inSpring));
    }

    @Test
    void pointsOrShareAreTakenOffForEveryDayAndNeverMoreThanWasEarned() {
        Instant twoDays = DUE.plusHours(30).toInstant();

        assertEquals(2, of(0, "1", "0").deduction(twoDays, DUE, 12, 16));
        assertEquals(3.25, of(0, "0", "10").deduction(twoDays, DUE, 12, 16), "two times 1.6 to the nearest quarter");
        assertEquals(1, of(0, "5", "0").deduction(twoDays, DUE, 1, 16));
        assertEquals(0, Lateness.NONE.deduction(twoDays, DUE, 12, 16));
    }

    @Test
    void ofAnHourThatComesTwiceTheLaterOneIsTheDeadline() {
        ExerciseSettings settings = new ExerciseSettings(
                "Tides",
                NORDHAFEN,
                null,
                LocalDateTime.parse("2026-10-25T02:30"),
                Lateness.NONE,
                Rounding.USUAL,
                ExerciseSettings.Attempts.ANY,
                ExerciseSettings.Shown.NOTHING,
                List.of(),
                Map.of(),
                ExerciseSettings.USUAL_LANGUAGES,
                Map.of());

        assertEquals(
                Instant.parse("2026-10-25T01:30:00Z"),
                settings.deadline().orElseThrow().toInstant());
        assertTrue(settings.opening().isEmpty());
    }
}
