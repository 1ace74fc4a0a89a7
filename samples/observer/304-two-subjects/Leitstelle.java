import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.function.Consumer;

final class ListenerList<L> {
    private final List<WeakReference<L>> refs = new ArrayList<>();
    void add(L l) { refs.add(new WeakReference<>(l)); }
    void remove(L l) { refs.removeIf(r -> r.get() == l || r.get() == null); }
    void each(Consumer<? super L> what) {
        for (Iterator<WeakReference<L>> it = refs.iterator(); it.hasNext(); ) {
            L l = it.next().get();
            if (l == null) it.remove(); else what.accept(l);
        }
    }
}

interface Melder {
    void meldung(Object quelle, String text);
}

class Schleuse {
    private final ListenerList<Melder> melder = new ListenerList<>();
    private boolean offen;
    void anmelden(Melder m) { melder.add(m); }
    void abmelden(Melder m) { melder.remove(m); }
    void oeffne() {
        if (offen) throw new IllegalStateException("schon offen");
        offen = true;
        melder.each(m -> m.meldung(this, "Schleuse offen"));
    }
    void schliesse() {
        if (!offen) throw new IllegalStateException("schon zu");
        offen = false;
        melder.each(m -> m.meldung(this, "Schleuse zu"));
    }
}

class Bruecke {
    private final ListenerList<Melder> melder = new ListenerList<>();
    private int grad;
    void anmelden(Melder m) { melder.add(m); }
    void abmelden(Melder m) { melder.remove(m); }
    void stelle(int neu) {
        if (neu < 0 || neu > 80) throw new IllegalArgumentException("Winkel " + neu);
        grad = neu;
        melder.each(m -> m.meldung(this, "Bruecke auf " + grad));
    }
}

class Funk implements Melder {
    final List<String> gesendet = new ArrayList<>();
    public void meldung(Object quelle, String text) { gesendet.add(text); }
}

class Zaehler implements Melder {
    int n;
    public void meldung(Object quelle, String text) { n++; }
}

public class Leitstelle {
    public static void main(String[] args) {
        Schleuse s = new Schleuse();
        Bruecke b = new Bruecke();
        Funk f = new Funk();
        Zaehler z = new Zaehler();
        s.anmelden(f); b.anmelden(f); b.anmelden(z);
        s.oeffne(); b.stelle(45); s.schliesse();
        b.abmelden(z); b.stelle(0);
        System.out.println(f.gesendet + " " + z.n);
    }
}
