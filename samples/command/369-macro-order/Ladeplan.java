import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

class Luke {
    private final List<String> stapel = new ArrayList<>();
    void rein(String s) {
        if (stapel.size() >= 10) throw new IllegalStateException("voll");
        stapel.add(s);
    }
    String raus() {
        if (stapel.isEmpty()) throw new IllegalStateException("leer");
        return stapel.remove(stapel.size() - 1);
    }
    List<String> stapel() { return List.copyOf(stapel); }
}

interface Handgriff {
    void mach();
    void machRueckgaengig();
}

class Laden implements Handgriff {
    private final Luke luke;
    private final String was;
    Laden(Luke luke, String was) { this.luke = luke; this.was = was; }
    public void mach() { luke.rein(was); }
    public void machRueckgaengig() { luke.raus(); }
}

class Loeschen implements Handgriff {
    private final Luke luke;
    private String was;
    Loeschen(Luke luke) { this.luke = luke; }
    public void mach() { was = luke.raus(); }
    public void machRueckgaengig() { luke.rein(was); }
}

class Plan implements Handgriff {
    private final List<Handgriff> teile = new ArrayList<>();
    Plan dann(Handgriff h) { teile.add(h); return this; }
    public void mach() { for (Handgriff h : teile) h.mach(); }
    public void machRueckgaengig() { for (Handgriff h : teile) h.machRueckgaengig(); }
}

class Vorarbeiter {
    private final List<Handgriff> getan = new ArrayList<>();
    void lass(Handgriff h) { h.mach(); getan.add(h); }
    void zurueck() {
        if (getan.isEmpty()) return;
        getan.remove(getan.size() - 1).machRueckgaengig();
    }
}

public class Ladeplan {
    public static void main(String[] args) {
        Luke l = new Luke();
        Vorarbeiter v = new Vorarbeiter();
        v.lass(new Laden(l, "Kohle"));
        v.lass(new Plan().dann(new Loeschen(l)).dann(new Laden(l, "Erz")));
        System.out.println(l.stapel());
        v.zurueck();
        System.out.println(l.stapel());
    }
}
