class Karte {
    final String ort;
    final int massstab;

    Karte(String o, int m) {
        ort = o;
        massstab = m;
    }

    static class Bauer {
        private String ort;
        private int m;

        Bauer ort(String o) {
            ort = o;
            return this;
        }

        Bauer massstab(int x) {
            m = x;
            return this;
        }

        Karte baue() {
            return new Karte(ort, m);
        }
    }
}

class Zeichner {
    Karte karte() {
        return new Karte("Nordhafen", 10000);
    }

    String t() {
        return karte().ort + karte().massstab;
    }
}
