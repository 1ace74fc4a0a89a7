import java.util.concurrent.atomic.AtomicReference;
import java.io.*;
public final class Schleusenbuch implements Serializable {
    private static final AtomicReference<Schleusenbuch> BUCH = new AtomicReference<>();
    private final transient StringBuilder eintraege = new StringBuilder();
    private int nummer;
    private Schleusenbuch() {}
    public static Schleusenbuch dasBuch() {
        Schleusenbuch da = BUCH.get();
        if (da != null) return da;
        BUCH.compareAndSet(null, new Schleusenbuch());
        return BUCH.get();
    }
    public synchronized int eintragen(String schiff) {
        eintraege.append(++nummer).append(' ').append(schiff).append('\n');
        return nummer;
    }
    public synchronized String lies() { return eintraege.toString(); }
    private Object readResolve() { return dasBuch(); }
    public static void main(String[] args) {
        dasBuch().eintragen("Nixe");
        System.out.print(Schleusenbuch.dasBuch().lies());
    }
}
