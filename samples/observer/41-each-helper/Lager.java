import java.util.*;
import java.util.function.Consumer;

public class Lager {
    public interface Melder {
        void zuwachs(int neu);

        void schwund(int neu);
    }

    private final List<Melder> melder = new ArrayList<>();
    private int bestand;

    public void neuerMelder(Melder m) {
        melder.add(m);
    }

    public void keinMelder(Melder m) {
        melder.removeIf(x -> x == m);
    }

    public void rein(int n) {
        bestand += n;
        jeder(m -> m.zuwachs(bestand));
    }

    public void raus(int n) {
        bestand -= n;
        jeder(m -> m.schwund(bestand));
    }

    private void jeder(Consumer<Melder> was) {
        melder.forEach(was);
    }
}

class Anzeige implements Lager.Melder {
    String t;

    public void zuwachs(int n) {
        t = "+" + n;
    }

    public void schwund(int n) {
        t = "-" + n;
    }
}

class Einkauf implements Lager.Melder {
    int best;

    public void zuwachs(int n) {
        best = 0;
    }

    public void schwund(int n) {
        if (n < 5) best = 20;
    }
}
