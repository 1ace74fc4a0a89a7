import java.util.*;

interface Zuhoerer { void glas(int stunde); }
class Uhrturm {
    private final List<Zuhoerer> alle = new ArrayList<>();
    private int stunde;
    void dazu(Zuhoerer z) { alle.add(z); }
    void weg(Zuhoerer z) { alle.remove(z); }
    void schlage() {
        stunde = (stunde + 1) % 24;
        if (!alle.isEmpty()) alle.get(0).glas(stunde);
    }
}
class Waerter implements Zuhoerer { public void glas(int s) { System.out.println("Wärter: " + s); } }
class Fischer implements Zuhoerer { public void glas(int s) { if (s == 4) System.out.println("Fischer steht auf"); } }
class Faehre implements Zuhoerer { private int n; public void glas(int s) { n++; } int n() { return n; } }
public class Main {
    public static void main(String[] args) {
        Uhrturm t = new Uhrturm();
        Faehre f = new Faehre();
        t.dazu(new Waerter());
        t.dazu(f);
        t.dazu(new Fischer());
        t.schlage();
        System.out.println(f.n());
        t.weg(f);
    }
}
