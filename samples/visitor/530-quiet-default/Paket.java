package zoll;

public class Paket extends Sendung {
    private final double kilo;

    public Paket(String nummer, double kilo) {
        super(nummer);
        this.kilo = kilo;
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
        kontrolle.paket(this);
    }
}
