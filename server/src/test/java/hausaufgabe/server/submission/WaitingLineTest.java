package hausaufgabe.server.submission;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whose turn it is. */
class WaitingLineTest {

    private final WaitingLine line = new WaitingLine();

    private void add(long submission, long exercise, long student, int attempt) {
        line.add(new WaitingLine.Waiting(submission, exercise, student, attempt));
    }

    private List<Long> rest() {
        List<Long> order = new ArrayList<>();
        for (var next = line.next(); next.isPresent(); next = line.next()) {
            order.add(next.get().submission());
        }
        return order;
    }

    @Test
    void whoCameFirstIsCheckedFirst() {
        add(1, 1, 1, 1);
        add(2, 1, 2, 1);
        add(3, 1, 3, 1);

        assertEquals(List.of(1L, 2L, 3L), rest());
    }

    @Test
    void aThirdOfAnotherExerciseDoesNotWaitForThreeHundred() {
        add(1, 1, 1, 1);
        add(2, 1, 2, 1);
        add(3, 1, 3, 1);
        add(4, 2, 1, 1);

        assertEquals(List.of(1L, 4L, 2L, 3L), rest());
    }

    @Test
    void theNewestAttemptOfEverybodyComesBeforeTheOlderOnesOfAnybody() {
        add(1, 1, 1, 1);
        add(2, 1, 1, 2);
        add(3, 1, 1, 3);
        add(4, 1, 2, 1);

        assertEquals(List.of(3L, 4L, 2L, 1L), rest());
    }

    @Test
    void whatSomebodyLooksAtIsNext() {
        add(1, 1, 1, 1);
        add(2, 1, 2, 1);
        line.lookAt(2);
        line.lookAt(77);

        assertEquals(List.of(2L, 1L), rest());
    }

    @Test
    void whatIsHeldBackWaitsAlsoWhenItIsLookedAt() {
        add(1, 1, 1, 1);
        add(2, 2, 2, 1);
        line.pause(1, true);
        line.lookAt(1);

        assertEquals(List.of(2L), rest());
        assertEquals(1, line.of(1).size());
        line.pause(1, false);
        assertEquals(List.of(1L), rest());
    }

    @Test
    void whatIsTakenOutIsNotCheckedAndWhatIsAddedTwiceOnce() {
        add(1, 1, 1, 1);
        add(1, 1, 1, 1);
        add(2, 1, 2, 1);

        assertTrue(line.remove(2));
        assertFalse(line.remove(2));
        assertEquals(List.of(1L), rest());
    }
}
