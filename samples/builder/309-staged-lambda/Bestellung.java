import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

final class Menu {
    private final String gast;
    private final String haupt;
    private final List<String> beilagen;
    private final String wein;
    private Menu(String gast, String haupt, List<String> beilagen, String wein) {
        this.gast = gast; this.haupt = haupt; this.beilagen = beilagen; this.wein = wein;
    }
    String gast() { return gast; }
    String haupt() { return haupt; }
    List<String> beilagen() { return beilagen; }
    String wein() { return wein; }
    @Override public String toString() { return gast + ": " + haupt + beilagen + (wein.isEmpty() ? "" : " mit " + wein); }

    interface Gast { Haupt fuer(String gast); }
    interface Haupt { Rest nimmt(String gericht); }
    interface Rest {
        Rest beilagen(Consumer<Beilagen> b);
        Rest wein(String sorte, int jahr);
        Menu servieren();
    }

    static final class Beilagen {
        private final List<String> alle = new ArrayList<>();
        Beilagen und(String b) { alle.add(b); return this; }
    }

    static Gast neu() { return new Kellner(); }

    private static final class Kellner implements Gast, Haupt, Rest {
        private String gast;
        private String haupt;
        private final List<String> beilagen = new ArrayList<>();
        private String wein = "";
        public Haupt fuer(String g) {
            if (g.isBlank()) throw new IllegalArgumentException("Gast");
            gast = g;
            return this;
        }
        public Rest nimmt(String gericht) { haupt = gericht; return this; }
        public Rest beilagen(Consumer<Beilagen> b) {
            Beilagen l = new Beilagen();
            b.accept(l);
            beilagen.addAll(l.alle);
            return this;
        }
        public Rest wein(String sorte, int jahr) {
            if (jahr < 1990) throw new IllegalArgumentException("zu alt");
            wein = sorte + " " + jahr;
            return this;
        }
        public Menu servieren() { return new Menu(gast, haupt, List.copyOf(beilagen), wein); }
    }
}

public class Bestellung {
    public static void main(String[] args) {
        System.out.println(Menu.neu().fuer("Tisch 3").nimmt("Scholle").beilagen(b -> b.und("Salat").und("Reis")).wein("Riesling", 2019).servieren());
        System.out.println(Menu.neu().fuer("Tisch 4").nimmt("Suppe").servieren());
    }
}
