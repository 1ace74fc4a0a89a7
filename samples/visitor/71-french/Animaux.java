import java.util.*;

interface Animal {
    void accepter(Visiteur v);
}

class Phoque implements Animal {
    private int poids = 90;

    int poids() {
        return poids;
    }

    public void accepter(Visiteur v) {
        v.visiterPhoque(this);
    }
}

class Mouette implements Animal {
    private boolean malade;

    boolean malade() {
        return malade;
    }

    public void accepter(Visiteur v) {
        v.visiterMouette(this);
    }
}

class Crabe implements Animal {
    public void accepter(final Visiteur v) {
        v.visiterCrabe(this);
    }
}

abstract class Visiteur {
    public void visiterPhoque(Phoque p) {}

    public void visiterMouette(Mouette m) {}

    public void visiterCrabe(Crabe c) {}
}

class Veterinaire extends Visiteur {
    private final List<Mouette> malades = new LinkedList<>();

    @Override
    public void visiterMouette(Mouette m) {
        if (m.malade()) malades.add(m);
    }
}

class Cuisinier extends Visiteur {
    private int kilos;

    @Override
    public void visiterPhoque(Phoque p) {
        kilos += p.poids() / 20;
    }

    @Override
    public void visiterCrabe(Crabe c) {
        kilos++;
    }
}

class Zoo {
    private final Map<String, Animal> animaux = new HashMap<>();

    void ajouter(String n, Animal a) {
        animaux.put(n, a);
    }

    void tour(Visiteur v) {
        animaux.values().forEach(a -> a.accepter(v));
    }
}
