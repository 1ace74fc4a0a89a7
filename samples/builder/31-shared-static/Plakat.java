class Plakat {
    String text;
    int groesse;
}

class PlakatBauer {
    private Plakat p = new Plakat();

    PlakatBauer text(String t) {
        p.text = t;
        return this;
    }

    PlakatBauer groesse(int g) {
        p.groesse = g;
        return this;
    }

    Plakat drucke() {
        return p;
    }
}

class Laden {
    Plakat[] zwei() {
        PlakatBauer b = new PlakatBauer();
        return new Plakat[] {b.text("a").drucke(), b.text("b").groesse(3).drucke()};
    }
}
