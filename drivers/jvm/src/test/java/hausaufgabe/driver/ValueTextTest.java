package hausaufgabe.driver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.json.JSONObject;
import org.junit.jupiter.api.Test;

class ValueTextTest {

    record Berth(int number, List<String> ships) {}

    enum Wind {
        WEST
    }

    static class Ship {
        final String name = "Seeschwalbe";
        Ship next;

        @Override
        public String toString() {
            throw new IllegalStateException("nobody may ask");
        }
    }

    @Test
    void valuesAreReadable() {
        assertEquals("\"a\"", ValueText.of("a"));
        assertEquals("Berth(number = 3, ships = [\"A\", \"B\"])", ValueText.of(new Berth(3, List.of("A", "B"))));
        assertEquals("[1, 2]", ValueText.of(new int[] {1, 2}));
        assertEquals("Wind.WEST", ValueText.of(Wind.WEST));
        assertEquals("Optional of 7", ValueText.of(Optional.of(7)));
        assertEquals("{\"x\": 1}", ValueText.of(new LinkedHashMap<>(Map.of("x", 1))));
    }

    @Test
    void theProgramsOwnCodeIsNotRun() {
        assertEquals("a Ship", ValueText.of(new Ship()));
        assertEquals("[a Ship]", ValueText.of(List.of(new Ship())));
    }

    @Test
    void whatIsLongOrTurnsInCirclesIsCut() {
        List<Object> circle = new ArrayList<>();
        circle.add(circle);

        assertEquals("[itself]", ValueText.of(circle));
        assertTrue(ValueText.of(IntStream.range(0, 50).boxed().toList()).endsWith("9, and 40 more]"));
        assertTrue(ValueText.of("x".repeat(5000)).length() < 300);
    }

    @Test
    void stateIsEverythingThatIsKept() {
        Ship ship = new Ship();
        ship.next = new Ship();
        ship.next.next = ship;

        JSONObject state = ObjectState.of(ship, List.of());

        assertEquals("Seeschwalbe", state.getString("name"));
        assertEquals("Seeschwalbe", state.getString("next.name"));
        assertEquals("→", state.getString("next.next"));
    }
}
