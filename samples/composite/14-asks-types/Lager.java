import java.util.ArrayList;
import java.util.List;

interface Ware {
    int gewicht();
}

class Sack implements Ware {
    public int gewicht() {
        return 25;
    }
}

class Palette implements Ware {
    private final List<Ware> waren = new ArrayList<>();

    void stapeln(Ware w) {
        waren.add(w);
    }

    public int gewicht() {
        int summe = 20;
        for (Ware w : waren) {
            if (w instanceof Sack) {
                summe += 25;
            } else if (w instanceof Palette) {
                summe += ((Palette) w).gewicht();
            }
        }
        return summe;
    }
}
