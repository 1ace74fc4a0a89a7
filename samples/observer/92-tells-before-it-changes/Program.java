import java.util.*;

interface Waechter {
    void wasserstand();
}

class Pegel {
    private final List<Waechter> alle = new ArrayList<>();
    private double stand;

    void anmelden(Waechter w) {
        alle.add(w);
    }

    void abmelden(Waechter w) {
        alle.remove(w);
    }

    double stand() {
        return stand;
    }

    void setzeStand(double neu) {
        melde();
        stand = neu;
    }

    private void melde() {
        for (Waechter w : alle) w.wasserstand();
    }
}

class Tafel implements Waechter {
    private final Pegel p;
    String text = "";

    Tafel(Pegel p) {
        this.p = p;
        p.anmelden(this);
    }

    public void wasserstand() {
        text = "Stand " + p.stand();
    }
}

class Sirene implements Waechter {
    private final Pegel p;
    boolean an;

    Sirene(Pegel p) {
        this.p = p;
    }

    public void wasserstand() {
        an = p.stand() > 4;
    }
}
