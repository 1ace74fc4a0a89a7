import java.util.ArrayList;
import java.util.List;
interface Funkgeraet {
    Funkgeraet KEINES = new Funkgeraet() {
        @Override public boolean sende(String an, String text) { return false; }
        @Override public List<String> empfangen() { return List.of(); }
        @Override public String kanal() { return ""; }
    };
    boolean sende(String an, String text);
    List<String> empfangen();
    String kanal();
}
class Ukw implements Funkgeraet {
    private final List<String> puffer = new ArrayList<>();
    private String kanal = "16";
    public boolean sende(String an, String text) {
        puffer.add(kanal + ">" + an + ": " + text);
        return true;
    }
    public List<String> empfangen() { List<String> alle = List.copyOf(puffer); puffer.clear(); return alle; }
    public String kanal() { return kanal; }
    void stelle(String kanal) { this.kanal = kanal; }
}
class Kutter {
    private final String name;
    private Funkgeraet funk = Funkgeraet.KEINES;
    Kutter(String name) { this.name = name; }
    void rueste(Funkgeraet f) { funk = f == null ? Funkgeraet.KEINES : f; }
    String melde(String text) { return funk.sende("Hafen", name + " " + text) ? "gemeldet" : "still"; }
    int lies() { return funk.empfangen().size(); }
    public static void main(String[] args) {
        Kutter k = new Kutter("Greta");
        System.out.println(k.melde("laeuft aus"));
        k.rueste(new Ukw());
        System.out.println(k.melde("laeuft aus") + k.lies());
    }
}
