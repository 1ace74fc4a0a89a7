public abstract class Rapport {
    public final void produire() {
        ouvrir();
        for (String s : lignes()) ecrire(s);
        if (signer()) ecrire("--");
        fermer();
    }

    protected void ouvrir() {
        System.out.println("<<");
    }

    protected abstract String[] lignes();

    protected void ecrire(String s) {
        System.out.println(s);
    }

    protected boolean signer() {
        return true;
    }

    protected void fermer() {
        System.out.println(">>");
    }
}

class RapportMaree extends Rapport {
    protected String[] lignes() {
        return new String[] {"haute", "basse"};
    }

    @Override
    protected boolean signer() {
        return false;
    }
}

class RapportVent extends Rapport {
    private int v = 4;

    protected String[] lignes() {
        return new String[] {"vent " + v++};
    }

    @Override
    protected void ouvrir() {
        System.out.println("VENT");
    }
}
