import java.util.*;

abstract class Fang {
    abstract void rein(FangBesucher b);
}

class Hering extends Fang {
    int stueck = 300;

    @Override
    void rein(FangBesucher b) {
        b.hering(this);
    }
}

class Krabbe extends Fang {
    double kilo = 4;

    @Override
    void rein(FangBesucher b) {
        b.krabbe(this);
    }
}

interface FangBesucher {
    void hering(Hering h);

    void krabbe(Krabbe k);
}

class Auktion {
    private final List<Fang> los = new ArrayList<>();

    void dazu(Fang f) {
        los.add(f);
    }

    double erloes() {
        double[] s = {0};
        FangBesucher b = new FangBesucher() {
            public void hering(Hering h) {
                s[0] += h.stueck * 0.2;
            }

            public void krabbe(Krabbe k) {
                s[0] += k.kilo * 11;
            }
        };
        for (Fang f : los) f.rein(b);
        return s[0];
    }
}
