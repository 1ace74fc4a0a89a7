import java.util.*;

interface Befehl { void aus(); void rueck(); }
class Tor { private int spalt; void auf(int cm) { spalt += cm; } void zu(int cm) { spalt = Math.max(0, spalt - cm); } int spalt() { return spalt; } }
class Oeffne implements Befehl { private final Tor t; Oeffne(Tor t) { this.t = t; } public void aus() { t.auf(50); } public void rueck() { t.zu(50); } }
class Schliesse implements Befehl { private final Tor t; Schliesse(Tor t) { this.t = t; } public void aus() { t.zu(50); } public void rueck() { t.auf(50); } }
class Pult {
    private final Deque<Befehl> verlauf = new ArrayDeque<>();
    void druecke(Befehl b) { b.aus(); verlauf.push(b); }
    void rueckgaengig() { if (!verlauf.isEmpty()) verlauf.peek().rueck(); }
}
public class Main {
    public static void main(String[] args) {
        Tor t = new Tor();
        Pult p = new Pult();
        p.druecke(new Oeffne(t));
        p.druecke(new Oeffne(t));
        p.rueckgaengig();
        p.rueckgaengig();
        System.out.println(t.spalt());
        p.druecke(new Schliesse(t));
    }
}
