abstract class Geraet {
    abstract void sende(String s);

    abstract String empfange();
}

class Funkgeraet extends Geraet {
    private String puffer = "";

    void sende(String s) {
        puffer = puffer + s;
    }

    String empfange() {
        String p = puffer;
        puffer = "";
        return p;
    }
}

class Stumm extends Funkgeraet {
    @Override
    void sende(String s) {}

    @Override
    String empfange() {
        return "";
    }
}

class Bruecke {
    private final Geraet g;

    Bruecke(Geraet g) {
        this.g = g;
    }

    String frage(String s) {
        g.sende(s);
        return g.empfange();
    }
}
