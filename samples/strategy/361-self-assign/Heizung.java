interface Regelung {
    double leistung(double soll, double ist);
}

class Zweipunkt implements Regelung {
    public double leistung(double soll, double ist) { return ist < soll ? 100 : 0; }
}

class Stetig implements Regelung {
    private final double k;
    Stetig(double k) {
        if (k <= 0) throw new IllegalArgumentException("k");
        this.k = k;
    }
    public double leistung(double soll, double ist) { return Math.max(0, Math.min(100, k * (soll - ist))); }
}

class Kessel {
    private Regelung regelung;
    private double temperatur = 15;
    Kessel(Regelung regelung) {
        if (regelung == null) throw new IllegalArgumentException("Regelung fehlt");
        this.regelung = regelung;
    }
    void setRegelung(Regelung neueRegelung) {
        if (neueRegelung == null) throw new IllegalArgumentException("Regelung fehlt");
        this.regelung = regelung;
    }
    double schritt(double soll) {
        if (soll < 5 || soll > 90) throw new IllegalArgumentException("Soll " + soll);
        double p = regelung.leistung(soll, temperatur);
        temperatur += p / 50 - 0.3;
        return p;
    }
    double temperatur() { return temperatur; }
}

public class Heizung {
    public static void main(String[] args) {
        Kessel k = new Kessel(new Zweipunkt());
        System.out.println(k.schritt(20));
        k.setRegelung(new Stetig(4));
        System.out.println(k.schritt(20) + " " + k.temperatur());
    }
}
