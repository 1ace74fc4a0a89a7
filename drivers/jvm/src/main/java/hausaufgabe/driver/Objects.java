package hausaufgabe.driver;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** The program's objects that have been told of, by number. Never calls any of their operations. */
final class Objects {

    private final List<Object> all = new ArrayList<>();
    private final Map<Object, Integer> numbers = new IdentityHashMap<>();

    synchronized int number(Object object) {
        return numbers.computeIfAbsent(object, o -> {
            all.add(o);
            return all.size() - 1;
        });
    }

    /** The object's number, or null where it was never told of. */
    synchronized Integer known(Object object) {
        return numbers.get(object);
    }

    synchronized Object get(int number) {
        return all.get(number);
    }
}
