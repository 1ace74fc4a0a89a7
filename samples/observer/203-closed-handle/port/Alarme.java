package port;

public class Alarme implements Temoin {
    private final double seuil;
    private int sonneries;

    public Alarme(double seuil) {
        this.seuil = seuil;
    }

    @Override
    public void niveauChange(String bassin, double ancien, double nouveau) {
        if (ancien < seuil && nouveau >= seuil) {
            sonneries++;
        }
    }

    public int sonneries() {
        return sonneries;
    }
}
