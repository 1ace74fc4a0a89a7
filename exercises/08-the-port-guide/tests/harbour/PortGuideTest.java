package harbour;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class PortGuideTest {

    private final PortGuide guide = new PortGuide();

    @Test
    void theGuideKnowsHighAndLowWater() {
        assertEquals(8, guide.highWater(3));
        assertEquals(2, guide.lowWater(3));
    }

    @Test
    void halfADayLaterTheTideIsTheSame() {
        assertEquals(guide.highWater(1), guide.highWater(13));
        assertEquals(guide.lowWater(2), guide.lowWater(14));
    }

    @Test
    void oneSailsAnHourBeforeHighWater() {
        assertEquals("Sail at 7 o'clock", guide.advice(3));
    }
}
