package port;

public class Ecluse {
    private final String bassin;
    private double niveau;
    private boolean enService;
    private final Liste<Temoin> temoins = new Liste<>();

    public Ecluse(String bassin, double niveau) {
        if (!bassin.startsWith("bassin ")) {
            throw new IllegalArgumentException("nom de bassin : " + bassin);
        }
        this.bassin = bassin;
        this.niveau = niveau;
    }

    public void mettreEnService() {
        enService = true;
    }

    public Abonnement suivre(Temoin t) {
        return temoins.ajoute(t);
    }

    public void remplir(double metres) {
        verifier(metres);
        changer(niveau + metres);
    }

    public void vider(double metres) {
        verifier(metres);
        if (metres > niveau) {
            throw new IllegalStateException("pas assez d'eau");
        }
        changer(niveau - metres);
    }

    private void verifier(double metres) {
        if (!enService) {
            throw new IllegalStateException("hors service");
        }
        if (metres <= 0) {
            throw new IllegalArgumentException("metres : " + metres);
        }
    }

    private void changer(double nouveau) {
        double ancien = niveau;
        niveau = nouveau;
        temoins.previens(t -> t.niveauChange(bassin, ancien, nouveau));
    }

    public double niveau() {
        return niveau;
    }
}
