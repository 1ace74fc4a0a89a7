interface Messung {
    double gewicht(String fass);
    double preis(String fass);
    void eiche(double faktor);
}

class Brueckenwaage implements Messung {
    private double faktor = 1.0;

    public double gewicht(String fass) {
        if (!fass.matches("F\\d{3}")) throw new IllegalArgumentException("Fass " + fass);
        return Integer.parseInt(fass.substring(1)) * 0.5 * faktor;
    }

    public double preis(String fass) {
        return gewicht(fass) * 1.8;
    }

    public void eiche(double neu) {
        if (neu < 0.9 || neu > 1.1) throw new IllegalArgumentException("Faktor " + neu);
        faktor = neu;
    }
}

class Kontor implements Messung {
    private final Messung waage;
    private int wiegungen;

    Kontor(Messung waage) {
        this.waage = waage;
    }

    public double gewicht(String fass) {
        wiegungen++;
        return waage.gewicht(fass);
    }

    public double preis(String fass) {
        if (!fass.matches("F\\d{3}")) throw new IllegalArgumentException("Fass " + fass);
        return Integer.parseInt(fass.substring(1)) * 0.5 * 1.8;
    }

    public void eiche(double faktor) {
        waage.eiche(faktor);
    }

    int wiegungen() { return wiegungen; }
}

class Markt {
    public static void main(String[] args) {
        Kontor k = new Kontor(new Brueckenwaage());
        System.out.println(k.gewicht("F120"));
        k.eiche(1.05);
        System.out.println(k.gewicht("F120") + " " + k.preis("F120") + " " + k.wiegungen());
    }
}
