import java.util.ArrayDeque;
import java.util.Deque;

class Ruder {
    private int winkel;
    void stelle(int grad) {
        if (grad < -35 || grad > 35) throw new IllegalArgumentException("Grad " + grad);
        winkel = grad;
    }
    int winkel() { return winkel; }
}

class Maschine {
    private int drehzahl;
    void auf(int n) {
        if (n < 0 || n > 1200) throw new IllegalArgumentException("Drehzahl " + n);
        drehzahl = n;
    }
    int drehzahl() { return drehzahl; }
}

interface Befehl {
    void tu();
    void nimmZurueck();
}

class RuderBefehl implements Befehl {
    private final Ruder ruder;
    private final int grad;
    private int alt;
    RuderBefehl(Ruder ruder, int grad) { this.ruder = ruder; this.grad = grad; }
    public void tu() {
        ruder.stelle(grad);
        alt = ruder.winkel();
    }
    public void nimmZurueck() { ruder.stelle(alt); }
}

class FahrtBefehl implements Befehl {
    private final Maschine maschine;
    private final int n;
    private int alt;
    FahrtBefehl(Maschine maschine, int n) { this.maschine = maschine; this.n = n; }
    public void tu() {
        alt = maschine.drehzahl();
        maschine.auf(n);
    }
    public void nimmZurueck() { maschine.auf(alt); }
}

class Pult {
    private final Deque<Befehl> getan = new ArrayDeque<>();
    void gib(Befehl b) { b.tu(); getan.push(b); }
    void zurueck() {
        if (getan.isEmpty()) throw new IllegalStateException("nichts");
        getan.pop().nimmZurueck();
    }
}

public class Steuerstand {
    public static void main(String[] args) {
        Ruder r = new Ruder();
        Maschine m = new Maschine();
        Pult p = new Pult();
        p.gib(new RuderBefehl(r, 10));
        p.gib(new FahrtBefehl(m, 600));
        p.zurueck();
        p.zurueck();
        System.out.println(r.winkel() + " " + m.drehzahl());
    }
}
