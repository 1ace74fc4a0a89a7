import java.util.*;

abstract class Stelle {
    private Stelle chef;
    protected String titel;

    Stelle(String t) {
        titel = t;
    }

    Stelle chef() {
        return chef;
    }

    void unter(Stelle c) {
        chef = c;
    }

    abstract void sammle(List<String> in);

    abstract double kosten();

    boolean istAbteilung() {
        return false;
    }
}

class Mitarbeiter extends Stelle {
    double lohn;

    Mitarbeiter(String t, double l) {
        super(t);
        lohn = l;
    }

    void sammle(List<String> in) {
        in.add(titel);
    }

    double kosten() {
        return lohn * 1.2;
    }
}

class Abteilung extends Stelle {
    private final List<Stelle> stellen = new ArrayList<>();

    Abteilung(String t) {
        super(t);
    }

    @Override
    boolean istAbteilung() {
        return true;
    }

    Abteilung mit(Stelle s) {
        stellen.add(s);
        s.unter(this);
        return this;
    }

    void ohne(Stelle s) {
        if (stellen.remove(s)) s.unter(null);
    }

    void sammle(List<String> in) {
        in.add(titel);
        for (Stelle s : stellen) s.sammle(in);
    }

    double kosten() {
        double k = 0;
        int i = 0;
        do {
            if (i < stellen.size()) k += stellen.get(i).kosten();
            i++;
        } while (i < stellen.size());
        return k;
    }
}

class Firma {
    private List<Stelle> oben = new ArrayList<>();

    void add(Stelle s) {
        oben.add(s);
    }

    int anzahl() {
        return oben.size();
    }
}
