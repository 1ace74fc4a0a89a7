class Haus {
    final StringBuilder plan = new StringBuilder();
    int zimmer;
}

interface Hausbauer {
    void fundament(int meter);

    void wand(String art);

    void dach();

    Haus fertig();
}

class Steinbauer implements Hausbauer {
    private Haus h = new Haus();

    public void fundament(int m) {
        h.plan.append("F").append(m);
    }

    public void wand(String art) {
        h.plan.append("|").append(art);
        h.zimmer++;
    }

    public void dach() {
        h.plan.append("^");
    }

    public Haus fertig() {
        Haus f = h;
        h = new Haus();
        return f;
    }
}

class Holzbauer implements Hausbauer {
    private int m;
    private final java.util.List<String> waende = new java.util.ArrayList<>();
    private boolean dach;

    public void fundament(int m) {
        this.m = m;
    }

    public void wand(String art) {
        waende.add(art);
    }

    public void dach() {
        dach = true;
    }

    public Haus fertig() {
        Haus h = new Haus();
        h.plan.append(m).append(waende).append(dach);
        h.zimmer = waende.size();
        return h;
    }
}

class Architekt {
    private final Hausbauer b;

    Architekt(Hausbauer b) {
        this.b = b;
    }

    Haus huette(int groesse) {
        b.fundament(groesse);
        for (int i = 0; i < 4; i++) b.wand("Fichte");
        b.dach();
        return b.fertig();
    }
}
