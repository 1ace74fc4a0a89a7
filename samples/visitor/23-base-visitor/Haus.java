import java.util.*;

interface Teil {
    void besuchen(TeilBesucher b);
}

class Wand implements Teil {
    double m2 = 12;

    public void besuchen(TeilBesucher b) {
        b.besuche(this);
    }
}

class Tuer implements Teil {
    int schloss = 1;

    public void besuchen(TeilBesucher b) {
        b.besuche(this);
    }
}

class Gebaeude implements Teil {
    private final List<Teil> teile = new ArrayList<>();

    void add(Teil t) {
        teile.add(t);
    }

    public void besuchen(TeilBesucher b) {
        b.besuche(this);
        for (Teil t : teile) t.besuchen(b);
    }
}

interface TeilBesucher {
    void besuche(Wand w);

    void besuche(Tuer t);

    void besuche(Gebaeude g);
}

abstract class LeererBesucher implements TeilBesucher {
    public void besuche(Wand w) {}

    public void besuche(Tuer t) {}

    public void besuche(Gebaeude g) {}
}

class Maler extends LeererBesucher {
    double liter;

    @Override
    public void besuche(Wand w) {
        liter += w.m2 / 8;
    }
}

class Schluesseldienst extends LeererBesucher {
    int s;

    @Override
    public void besuche(Tuer t) {
        s += t.schloss;
    }
}
