interface Rabatt {
    double von(double p);
}

class Rabatte {
    static Rabatt fuer(String art) {
        switch (art) {
            case "treue":
                return p -> p * 0.1;
            case "menge":
                return p -> p > 100 ? 15 : 0;
            case "ohne":
                return p -> 0;
            default:
                throw new IllegalArgumentException("Rabatt " + art);
        }
    }
}

class Kasse {
    double zahle(String art, double p) {
        return p - Rabatte.fuer(art).von(p);
    }
}
