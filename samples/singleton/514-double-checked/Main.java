import java.util.*;
import java.util.function.*;

abstract class Device { abstract String id(); }
class TideClock extends Device implements Supplier<Integer> {
    private static volatile TideClock instance;
    private final long started = System.nanoTime();
    private int offset;
    protected static final Object LOCK = new Object();
    private TideClock(int offset) { this.offset = offset; }
    static TideClock clock(int... offset) {
        TideClock c = instance;
        if (c == null) {
            synchronized (LOCK) {
                c = instance;
                if (c == null) {
                    c = new TideClock(offset.length > 0 ? offset[0] : 0);
                    instance = c;
                }
            }
        }
        return c;
    }
    @Override String id() { return "TC-1"; }
    @Override public Integer get() { return offset; }
    void shift(int by) { offset = Math.floorMod(offset + by, 745); }
}
class Pier { int wait_() { return TideClock.clock(3).get(); } }
class Lock { void open() { TideClock.clock().shift(10); } }
class Quay { public static void main(String[] a) { new Lock().open(); System.out.println(new Pier().wait_()); } }
