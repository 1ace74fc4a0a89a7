import java.util.*;

interface Zuhoerer { void neuerStand(int stand); }
class Zaehler {
    private int stand; private final List<Zuhoerer> zuhoerer = new ArrayList<>();
    void dazu(Zuhoerer z) { zuhoerer.add(z); }
    void weg(Zuhoerer z) { zuhoerer.remove(z); }
    void weiter(int um) { if (um < 1) throw new IllegalArgumentException("vorwärts"); melden(); stand += um; }
    void zurueckAufNull() { stand = 0; melden(); }
    private void melden() { for (Zuhoerer z : zuhoerer) z.neuerStand(stand); }
    int stand() { return stand; }
}
class Tafel implements Zuhoerer { int gezeigt; public void neuerStand(int s) { gezeigt = s; } }
class Rekord implements Zuhoerer { int hoechster; public void neuerStand(int s) { hoechster = Math.max(hoechster, s); } }
class Drehkreuz { public static void main(String[] a) { Zaehler z = new Zaehler(); Tafel t = new Tafel(); z.dazu(t); z.dazu(new Rekord()); z.weiter(3); System.out.println(t.gezeigt + " " + z.stand()); } }
