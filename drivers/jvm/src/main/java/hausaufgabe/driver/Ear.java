package hausaufgabe.driver;

import java.util.function.BiConsumer;

/**
 * What watched code calls on entering an operation. Each program gets a copy of this class of its own, in its own loader;
 * the driver's copy is never used.
 */
public final class Ear {

    public static volatile BiConsumer<Object, String> listener;

    private Ear() {}

    public static void heard(Object self, String operation) {
        BiConsumer<Object, String> to = listener;
        if (to != null) {
            to.accept(self, operation);
        }
    }
}
