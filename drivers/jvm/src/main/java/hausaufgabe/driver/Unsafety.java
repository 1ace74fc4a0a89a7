package hausaufgabe.driver;

import java.lang.reflect.Field;
import java.lang.reflect.Method;

/** Takes away the runtime's door to raw memory, which would lead a program to the driver's own objects. */
final class Unsafety {

    private Unsafety() {}

    static void remove() {
        try {
            Class<?> type = Class.forName("sun.misc.Unsafe");
            Field own = type.getDeclaredField("theUnsafe");
            own.setAccessible(true);
            Object unsafe = own.get(null);
            Method base = type.getMethod("staticFieldBase", Field.class);
            Method offset = type.getMethod("staticFieldOffset", Field.class);
            Method put = type.getMethod("putObject", Object.class, long.class, Object.class);
            Field inner = type.getDeclaredField("theInternalUnsafe");
            Object ownBase = base.invoke(unsafe, own);
            Object ownOffset = offset.invoke(unsafe, own);
            Object innerBase = base.invoke(unsafe, inner);
            Object innerOffset = offset.invoke(unsafe, inner);
            put.invoke(unsafe, ownBase, ownOffset, null);
            put.invoke(unsafe, innerBase, innerOffset, null);
        } catch (ReflectiveOperationException | RuntimeException e) {
            // a runtime without it has nothing to take away
        }
    }
}
