package zoll;

public class Tier extends Sendung {
    private final String art;
    private final double kilo;

    public Tier(String nummer, String art, double kilo) {
        super(nummer);
        this.art = art;
        this.kilo = kilo;
    }

    public String art() {
        return art;
    }

    @Override
    public double gewicht() {
        return kilo;
    }

    @Override
    public int stueckzahl() {
        return 1;
    }

    @Override
    public void accept(Kontrolle kontrolle) {
        kontrolle.tier(this);
    }
}
