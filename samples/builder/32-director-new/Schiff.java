class Schiff {
    String rumpf;
    int masten;
}

interface SchiffBauer {
    void rumpf();

    void masten();

    Schiff fertig();
}

class Holzbauer implements SchiffBauer {
    private Schiff s = new Schiff();

    public void rumpf() {
        s.rumpf = "Holz";
    }

    public void masten() {
        s.masten = 3;
    }

    public Schiff fertig() {
        Schiff x = s;
        s = new Schiff();
        return x;
    }
}

class Stahlbauer implements SchiffBauer {
    private Schiff s = new Schiff();

    public void rumpf() {
        s.rumpf = "Stahl";
    }

    public void masten() {
        s.masten = 1;
    }

    public Schiff fertig() {
        Schiff x = s;
        s = new Schiff();
        return x;
    }
}

class Werft {
    Schiff baue() {
        Holzbauer b = new Holzbauer();
        b.rumpf();
        b.masten();
        return b.fertig();
    }
}
