package hausaufgabe.language.java.running;

import java.util.function.BiFunction;

/**
 * What the program's operations call when they are entered and left, and doubles when they are asked. Each program gets a
 * copy of this class under a name that nobody can guess; this one is never used.
 */
public final class Tracer {

    /** Where it is told: the object, and what happened, the operation's key, and arguments or result. */
    public static volatile BiFunction<Object, Object[], Object> to;

    /** Whether entering and leaving is told; what doubles are asked always is. */
    public static volatile boolean open;

    private Tracer() {}

    public static void entered(Object self, String operation, Object[] arguments) {
        tell(self, "entered", operation, arguments);
    }

    public static void left(Object self, String operation, Object result) {
        if (open) {
            tell(self, "left", operation, result);
        }
    }

    public static void threw(Object self, String operation, Object thrown) {
        if (open) {
            tell(self, "threw", operation, thrown);
        }
    }

    public static Object asked(Object self, String operation, Object[] arguments) {
        return tell(self, "asked", operation, arguments);
    }

    private static Object tell(Object self, String what, String operation, Object with) {
        BiFunction<Object, Object[], Object> told = to;
        return told == null ? null : told.apply(self, new Object[] {what, operation, with});
    }
}
