interface Zelt {
    int platz();
}

class Iglu implements Zelt {
    public int platz() {
        return 2 + 0;
    }
}

class Tipi implements Zelt {
    public int platz() {
        return 6 + 0;
    }
}

class Zeltplatz {
    private Zelt z;

    Zelt baue(int leute) {
        Zelt neu = null;
        if (leute <= 2) neu = new Iglu();
        if (leute > 2 && leute < 7) neu = new Tipi();
        return neu;
    }

    void gruppe(int n) {
        z = baue(n);
        System.out.println(z.platz());
    }
}
