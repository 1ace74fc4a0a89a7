import java.util.function.ToIntFunction;
interface Wache { String wer(); int runde(String bereich); }
class Tagwache implements Wache {
    public String wer() { return "Tjark"; }
    public int runde(String bereich) { return bereich.length() * 2; }
}
class Nachtwache implements Wache {
    private int laternen = 3;
    public String wer() { return "Imke"; }
    public int runde(String bereich) { return bereich.isEmpty() ? 0 : laternen + bereich.length(); }
}
class Hafenwache implements Wache {
    private final Wache tag, nacht;
    private boolean dunkel;
    Hafenwache(Wache tag, Wache nacht) { this.tag = tag; this.nacht = nacht; }
    void wirdDunkel() { dunkel = true; }
    void wirdHell() { dunkel = false; }
    private Wache dienst() { return dunkel ? nacht : tag; }
    public String wer() { return dienst().wer(); }
    public int runde(String bereich) { return dienst().runde(bereich); }
}
class Wachbuch {
    public static void main(String[] args) {
        Hafenwache h = new Hafenwache(new Tagwache(), new Nachtwache());
        System.out.println(h.wer() + h.runde("Mole"));
        h.wirdDunkel();
        System.out.println(h.wer() + h.runde("Mole"));
    }
}
