package hausaufgabe.core.driver;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class ObservedTest {

    @Test
    void numbersAreComparedByWhatTheyAreWorth() {
        assertTrue(number("1.0").hasSameWorthAs(number("1")));
        assertTrue(number("1.50").hasSameWorthAs(number("1.5")));
        assertTrue(number("NaN").hasSameWorthAs(number("NaN")));
        assertFalse(number("1").hasSameWorthAs(number("2")));
    }

    @Test
    void textsAreComparedAsTheyStandAndAreNoNumbers() {
        assertFalse(text("01").hasSameWorthAs(text("1")));
        assertFalse(text("1").hasSameWorthAs(number("1")));
        assertTrue(text("1").hasSameWorthAs(text("1")));
    }

    @Test
    void aTruthIsTheSameWhateverItsTypeIsCalled() {
        assertTrue(new Observed(Kind.TRUTH, "boolean", null, "true")
                .hasSameWorthAs(new Observed(Kind.TRUTH, null, null, "true")));
    }

    private static Observed number(String text) {
        return new Observed(Kind.NUMBER, "number", null, text);
    }

    private static Observed text(String text) {
        return new Observed(Kind.TEXT, "text", null, text);
    }
}
