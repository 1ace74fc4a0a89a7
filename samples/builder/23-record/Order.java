import java.util.*;

record Order(String ship, List<String> items, boolean urgent) {
    Order {
        items = List.copyOf(items);
    }

    static Draft draft() {
        return new Draft();
    }

    static final class Draft {
        private String ship = "";
        private final List<String> items = new ArrayList<>();
        private boolean urgent;

        Draft forShip(String s) {
            ship = s;
            return this;
        }

        Draft item(String i) {
            items.add(i);
            return this;
        }

        Draft urgent() {
            urgent = true;
            return this;
        }

        Order place() {
            if (ship.isBlank() || items.isEmpty()) throw new IllegalStateException("incomplete");
            return new Order(ship, items, urgent);
        }
    }
}
