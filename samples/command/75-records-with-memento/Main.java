import java.util.*;
record Stand(int links, int rechts) {}
class Ballast {
    private Stand stand = new Stand(0, 0);
    Stand stand() { return stand; }
    void setze(Stand s) { stand = s; }
}
interface Handgriff { void mache(); void nimmZurueck(); }
abstract class Merkend implements Handgriff {
    protected final Ballast ballast;
    private Stand vorher;
    Merkend(Ballast b) { ballast = b; }
    public final void mache() { vorher = ballast.stand(); ballast.setze(neu(vorher)); }
    public final void nimmZurueck() { if (vorher != null) ballast.setze(vorher); }
    protected abstract Stand neu(Stand alt);
}
class Fluten extends Merkend {
    private final int tonnen;
    Fluten(Ballast b, int tonnen) { super(b); this.tonnen = tonnen; }
    protected Stand neu(Stand s) { return new Stand(s.links() + tonnen, s.rechts() + tonnen); }
}
class Umpumpen extends Merkend {
    Umpumpen(Ballast b) { super(b); }
    protected Stand neu(Stand s) { return new Stand(s.rechts(), s.links() + 1); }
}
class Leitstand {
    private final Stack<Handgriff> verlauf = new Stack<>();
    public void fuehreAus(Handgriff h) { h.mache(); verlauf.push(h); }
    public void zurueck() { if (!verlauf.empty()) verlauf.pop().nimmZurueck(); }
    public void alles() { while (!verlauf.empty()) zurueck(); }
}
class Probelauf {
    public static void main(String[] args) {
        Ballast b = new Ballast(); Leitstand l = new Leitstand();
        l.fuehreAus(new Fluten(b, 5)); l.fuehreAus(new Umpumpen(b)); l.zurueck();
        System.out.println(b.stand());
    }
}
