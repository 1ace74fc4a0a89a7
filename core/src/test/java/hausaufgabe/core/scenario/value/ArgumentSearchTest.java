package hausaufgabe.core.scenario.value;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.ThrownError;
import hausaufgabe.core.driver.ThrownError.Cause;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Arguments that pass one guard after another. */
class ArgumentSearchTest {

    private static final List<Input> BERTHS = List.of(text("quay"), text("A-1"), text("B-117"));
    private static final List<Input> DEPTHS =
            IntStream.range(0, 9).mapToObj(n -> number(n)).toList();

    private int calls;

    @Test
    void whatIsRefusedAtAnotherLineWentPastAGuard() throws DriverLost {
        Answer found = search((berth, depth) ->
                !berth.startsWith("B") ? "berth at 3" : Integer.parseInt(depth) < 7 ? "depth at 4" : null);

        assertNull(found.thrown());
        assertTrue(calls < BERTHS.size() + DEPTHS.size() + 2, () -> calls + " calls");
    }

    @Test
    void oneLineMayRefuseForSeveralReasons() throws DriverLost {
        Answer found = search((berth, depth) -> !berth.startsWith("B")
                ? "no such berth at 3"
                : Integer.parseInt(depth) < 7 ? "too shallow at 3" : null);

        assertNull(found.thrown());
    }

    @Test
    void aMessageThatTellsTheValueIsNoOtherReason() throws DriverLost {
        Answer found = search((berth, depth) -> depth.equals("5") ? null : "not " + berth + " with " + depth + " at 3");

        assertNull(found.thrown());
    }

    @Test
    void whatNothingLetsThroughStaysRefused() throws DriverLost {
        Answer found = search((berth, depth) -> "closed at 2");

        assertEquals("closed", found.thrown() == null ? "" : found.thrown().message());
        assertTrue(calls <= BERTHS.size() + DEPTHS.size(), () -> calls + " calls");
    }

    /** What stands behind {@code at} is the line. */
    private interface Guards {
        @Nullable
        String refusal(String berth, String depth);
    }

    private Answer search(Guards guards) throws DriverLost {
        ArgumentSearch.Attempt attempt = with -> {
            calls++;
            return answer(guards.refusal(said(with.get(0)), said(with.get(1))));
        };
        List<Input> first = List.of(BERTHS.get(0), DEPTHS.get(0));
        return new ArgumentSearch(List.of(BERTHS, DEPTHS), attempt).from(first, attempt.with(first));
    }

    private static Answer answer(@Nullable String refusal) {
        ThrownError error = refusal == null
                ? null
                : new ThrownError(
                        "Refused",
                        refusal.substring(0, refusal.lastIndexOf(" at ")),
                        "Quay.toy:" + refusal.substring(refusal.lastIndexOf(' ') + 1),
                        Cause.PROGRAM);
        return new Answer(Observed.NOTHING, List.of(), Map.of(), List.of(), false, error, List.of());
    }

    private static String said(Input input) {
        return ((Input.Simple) input).text();
    }

    private static Input text(String text) {
        return new Input.Simple(Kind.TEXT, "text", text);
    }

    private static Input number(int n) {
        return new Input.Simple(Kind.NUMBER, "number", String.valueOf(n));
    }
}
