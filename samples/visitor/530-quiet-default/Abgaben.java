package zoll;

public class Abgaben implements Kontrolle {
    private double summe;

    public double summe() {
        return summe;
    }

    @Override
    public void paket(Paket paket) {
        summe += paket.gewicht() * 0.8;
    }

    @Override
    public void tier(Tier tier) {
        summe += 12;
    }
}
