import java.util.concurrent.atomic.AtomicReference;

final class Meldestelle {
    private static final AtomicReference<Meldestelle> REF = new AtomicReference<>();
    private int n;

    private Meldestelle() {}

    static Meldestelle get() {
        Meldestelle m = REF.get();
        if (m == null) {
            REF.compareAndSet(null, new Meldestelle());
            m = REF.get();
        }
        return m;
    }

    int naechste() {
        return ++n;
    }
}
