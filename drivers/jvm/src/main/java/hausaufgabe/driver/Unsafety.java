package hausaufgabe.driver;

import java.lang.reflect.Field;
import sun.misc.Unsafe;

/** Takes away the runtime's door to raw memory, which would lead a program to the driver's own objects. */
final class Unsafety {

    private Unsafety() {}

    static void remove() {
        try {
            Field own = Unsafe.class.getDeclaredField("theUnsafe");
            own.setAccessible(true);
            Unsafe unsafe = (Unsafe) own.get(null);
            Field inner = Unsafe.class.getDeclaredField("theInternalUnsafe");
            Object base = unsafe.staticFieldBase(own);
            long first = unsafe.staticFieldOffset(own);
            long second = unsafe.staticFieldOffset(inner);
            unsafe.putObject(base, first, null);
            unsafe.putObject(base, second, null);
        } catch (ReflectiveOperationException | RuntimeException e) {
            // a runtime without it has nothing to take away
        }
    }
}
