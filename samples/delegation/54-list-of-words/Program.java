import java.util.*;

interface Lager {
    boolean lege(String was);

    int menge();

    List<String> inhalt();

    void raeume();
}

class Schuppen implements Lager {
    private final List<String> alles = new ArrayList<>();

    public boolean lege(String w) {
        return alles.add(w);
    }

    public int menge() {
        return alles.size();
    }

    public List<String> inhalt() {
        return List.copyOf(alles);
    }

    public void raeume() {
        alles.clear();
    }
}

class Kontor implements Lager {
    private final Lager lager;
    private int gelegt;

    Kontor(Lager lager) {
        this.lager = lager;
    }

    public boolean lege(String w) {
        gelegt++;
        return lager.lege(w);
    }

    public int menge() {
        return lager.menge();
    }

    public List<String> inhalt() {
        return lager.inhalt();
    }

    public void raeume() {
        lager.raeume();
    }

    int gelegt() {
        return gelegt;
    }
}
