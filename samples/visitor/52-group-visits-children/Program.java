import java.util.*;

abstract class Tier {
    final String name;

    Tier(String name) {
        this.name = name;
    }

    abstract void lass(Pfleger p);
}

class Robbe extends Tier {
    int fische;

    Robbe(String n, int fische) {
        super(n);
        this.fische = fische;
    }

    void lass(Pfleger p) {
        p.robbe(this);
    }
}

class Moewe extends Tier {
    Moewe(String n) {
        super(n);
    }

    void lass(Pfleger p) {
        p.moewe(this);
    }
}

class Gehege extends Tier {
    private final List<Tier> tiere = new ArrayList<>();

    Gehege(String n) {
        super(n);
    }

    void setze(Tier t) {
        tiere.add(t);
    }

    List<Tier> tiere() {
        return tiere;
    }

    void lass(Pfleger p) {
        p.gehege(this);
        for (Tier t : tiere) t.lass(p);
    }
}

interface Pfleger {
    void robbe(Robbe r);

    void moewe(Moewe m);

    void gehege(Gehege g);
}

class Fuetterung implements Pfleger {
    int eimer;

    public void robbe(Robbe r) {
        eimer += r.fische;
    }

    public void moewe(Moewe m) {
        eimer++;
    }

    public void gehege(Gehege g) {
        System.out.println("weiter bei " + g.name);
    }
}

class Liste implements Pfleger {
    final List<String> namen = new ArrayList<>();

    public void robbe(Robbe r) {
        namen.add(r.name);
    }

    public void moewe(Moewe m) {
        namen.add(m.name);
    }

    public void gehege(Gehege g) {}
}
