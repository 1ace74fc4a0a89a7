package zoll;

import java.util.ArrayList;
import java.util.List;

public class Palette extends Sendung {
    private final List<Sendung> ladung = new ArrayList<>();

    public Palette(String nummer) {
        super(nummer);
    }

    public Palette lade(Sendung s) {
        ladung.add(s);
        return this;
    }

    @Override
    public double gewicht() {
        return 25 + ladung.stream().mapToDouble(Sendung::gewicht).sum();
    }

    @Override
    public int stueckzahl() {
        return ladung.stream().mapToInt(Sendung::stueckzahl).sum();
    }

    @Override
    public void accept(Kontrolle kontrolle) {
        kontrolle.palette(this);
        ladung.forEach(s -> s.accept(kontrolle));
    }
}
