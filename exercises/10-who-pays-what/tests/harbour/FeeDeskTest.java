package harbour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;

class FeeDeskTest {

    private final FeeDesk desk = new FeeDesk();

    @Test
    void everyKindPaysInItsOwnWay() {
        assertEquals(24, desk.fee("yacht", 12));
        assertEquals(100, desk.fee("ferry", 40));
        assertEquals(55, desk.fee("barge", 70));
    }

    @Test
    void everyKindHasItsLabel() {
        assertEquals("pleasure craft", desk.label("yacht"));
        assertEquals("ferry service", desk.label("ferry"));
        assertEquals("inland barge", desk.label("barge"));
    }

    @Test
    void anUnknownKindIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> desk.fee("airship", 12));
    }
}
