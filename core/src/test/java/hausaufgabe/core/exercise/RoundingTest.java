package hausaufgabe.core.exercise;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class RoundingTest {

    @Test
    void theSumIsGivenInTheStepsThatTheExerciseSays() {
        assertEquals(12.25, Rounding.USUAL.of(12.25, true));
        assertEquals(12.5, new Rounding(100, Rounding.Steps.HALVES).of(12.25, true));
        assertEquals(12, new Rounding(100, Rounding.Steps.WHOLE).of(12.25, true));
        assertEquals(13, new Rounding(100, Rounding.Steps.WHOLE).of(12.5, true));
    }

    @Test
    void whatDoesNotCompileKeepsItsShare() {
        assertEquals(9, Rounding.USUAL.of(9, false));
        assertEquals(4.5, new Rounding(50, Rounding.Steps.QUARTERS).of(9, false));
        assertEquals(0, new Rounding(0, Rounding.Steps.QUARTERS).of(9, false));
        assertEquals(9, new Rounding(0, Rounding.Steps.QUARTERS).of(9, true));
    }
}
