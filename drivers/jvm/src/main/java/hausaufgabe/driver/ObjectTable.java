package hausaufgabe.driver;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** The program's objects that have been told of, by number. Never calls any of their operations. */
final class ObjectTable {

    private final List<Object> all = new ArrayList<>();
    private final Map<Object, Integer> numbers = new IdentityHashMap<>();

    synchronized int number(Object object) {
        Integer known = numbers.get(object);
        if (known == null) {
            known = all.size();
            all.add(object);
            numbers.put(object, known);
        }
        return known;
    }

    synchronized Object get(int number) {
        return all.get(number);
    }
}
