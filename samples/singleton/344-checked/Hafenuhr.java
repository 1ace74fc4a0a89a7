import java.io.Serializable;
import java.util.concurrent.atomic.AtomicLong;

final class Uhr implements Serializable {
    private static volatile Uhr einzige;
    private final AtomicLong minuten = new AtomicLong();

    private Uhr() {
        if (einzige != null) throw new IllegalStateException("es gibt schon eine Uhr");
    }

    static Uhr holen() {
        Uhr u = einzige;
        if (u == null) {
            synchronized (Uhr.class) {
                u = einzige;
                if (u == null) {
                    u = new Uhr();
                    einzige = u;
                }
            }
        }
        return u;
    }

    void stelleVor(long n) {
        if (n < 0) throw new IllegalArgumentException("nur vor");
        minuten.addAndGet(n);
    }
    long minuten() { return minuten.get(); }
    private Object readResolve() { return holen(); }
}

class Schicht {
    private final String name;
    Schicht(String name) { this.name = name; }
    void arbeite(int stunden) { Uhr.holen().stelleVor(stunden * 60L); }
    String name() { return name; }
}

public class Hafenuhr {
    public static void main(String[] args) {
        new Schicht("frueh").arbeite(8);
        new Schicht("spaet").arbeite(7);
        System.out.println(Uhr.holen().minuten() + " " + (Uhr.holen() == Uhr.holen()));
    }
}
