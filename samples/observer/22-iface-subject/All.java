import java.util.*;

interface Sujet {
    void ajouter(Observateur o);

    void retirer(Observateur o);

    void notifier();
}

interface Observateur {
    void actualiser(int temperature, int vent);
}

class StationMeteo implements Sujet {
    private final ArrayList<Observateur> observateurs;
    private int temperature, vent;

    public StationMeteo() {
        observateurs = new ArrayList<>();
    }

    @Override
    public void ajouter(Observateur o) {
        observateurs.add(o);
    }

    @Override
    public void retirer(Observateur o) {
        if (observateurs.contains(o)) observateurs.remove(o);
    }

    @Override
    public void notifier() {
        for (int i = observateurs.size() - 1; i >= 0; i--) {
            observateurs.get(i).actualiser(temperature, vent);
        }
    }

    public void mesures(int t, int v) {
        this.temperature = t;
        this.vent = v;
        mesuresChangees();
    }

    private void mesuresChangees() {
        notifier();
    }
}

class Affichage implements Observateur {
    private int t;
    private final Sujet sujet;

    Affichage(Sujet sujet) {
        this.sujet = sujet;
        sujet.ajouter(this);
    }

    public void actualiser(int temperature, int vent) {
        t = temperature;
        afficher();
    }

    void afficher() {
        System.out.println("T=" + t);
    }
}

class Statistiques implements Observateur {
    private final List<Integer> vents = new ArrayList<>();

    public void actualiser(int temperature, int vent) {
        vents.add(vent);
    }
}
