import java.util.HashMap;
import java.util.Map;

interface Cook {
    String meal();
}

class ShipCook implements Cook {
    private int day;

    public String meal() {
        day++;
        return day % 2 == 0 ? "fish" : "stew";
    }
}

class NoCook implements Cook {
    public String meal() {
        return "";
    }
}

class Galley {
    private final Map<String, Cook> cooks = new HashMap<>();

    Cook cookOf(String ship) {
        if (ship.isBlank()) {
            return null;
        }
        if (!cooks.containsKey(ship)) {
            return new NoCook();
        }
        return cooks.get(ship);
    }

    String menu(String ship) {
        return "Today: " + cookOf(ship).meal();
    }
}
