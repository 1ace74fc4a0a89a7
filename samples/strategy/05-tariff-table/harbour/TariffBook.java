package harbour;

import java.util.HashMap;
import java.util.Map;

/** Knows a tariff for every kind of ship. New kinds can be added without changing this class. */
public class TariffBook {

    private final Map<String, Tariff> tariffs = new HashMap<>();

    public TariffBook() {
        tariffs.put("yacht", ship -> ship.length * 2.5);
        tariffs.put("cargo", ship -> ship.tonnage * 0.3 + 40);
        tariffs.put("ferry", ship -> 75);
    }

    public void add(String kind, Tariff tariff) {
        tariffs.put(kind, tariff);
    }

    public double fee(String kind, Ship ship) {
        Tariff tariff = tariffs.get(kind);
        if (tariff == null) {
            throw new IllegalArgumentException("no tariff for " + kind);
        }
        return tariff.fee(ship);
    }
}
