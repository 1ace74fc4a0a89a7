package pier;

import java.util.LinkedHashMap;
import java.util.Map;

/** How many crates lie on which place. */
public class Depot {

    private final Map<Place, Integer> crates = new LinkedHashMap<>();

    public void open(Place place) {
        if (crates.containsKey(place)) throw new RefusedException(place + " is open already");
        crates.put(place, 0);
    }

    public void close(Place place) {
        if (at(place) != 0) throw new RefusedException(place + " is not empty");
        crates.remove(place);
    }

    public void put(Place place, int number) {
        int then = at(place) + number;
        if (then < 0 || then > 60) throw new RefusedException("no room for that at " + place);
        crates.put(place, then);
    }

    private int at(Place place) {
        Integer n = crates.get(place);
        if (n == null) throw new RefusedException("there is no " + place);
        return n;
    }

    @Override
    public String toString() {
        return crates.toString();
    }
}
