import java.util.*;

class Ampel {
    public String farbe = "rot";
    public final List<Autofahrer> fahrer = new ArrayList<>();

    void add(Autofahrer a) {
        fahrer.add(a);
    }

    void remove(Autofahrer a) {
        fahrer.remove(a);
    }

    void schalte(String f) {
        farbe = f;
        for (Autofahrer a : fahrer) a.farbe(f);
    }
}

interface Autofahrer {
    void farbe(String f);
}

class Ungeduldig implements Autofahrer {
    public void farbe(String f) {
        if (f.equals("gruen")) System.out.println("hup");
    }
}

class Gelassen implements Autofahrer {
    int pausen;

    public void farbe(String f) {
        pausen++;
    }
}
