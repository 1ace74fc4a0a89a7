import java.util.HashMap;
import java.util.Map;

interface Remise {
    double facteur(int quantite);
    String libelle();
}

record RemiseFidele(int annees) implements Remise {
    RemiseFidele {
        if (annees < 1 || annees > 60) throw new IllegalArgumentException("annees : " + annees);
    }
    public double facteur(int quantite) { return Math.max(0.7, 1 - annees * 0.02); }
    public String libelle() { return "fidele depuis " + annees + " ans"; }
}

record RemiseQuantite(int seuil) implements Remise {
    public double facteur(int quantite) { return quantite >= seuil ? 0.9 : 1.0; }
    public String libelle() { return "des " + seuil; }
}

final class SansRemise implements Remise {
    static final SansRemise SEULE = new SansRemise();
    private SansRemise() {}
    public double facteur(int quantite) { return 1.0; }
    public String libelle() { return ""; }
}

class Poissonnerie {
    private final Map<String, Remise> remises = new HashMap<>();
    private final double prixDuKilo;

    Poissonnerie(double prixDuKilo) {
        if (prixDuKilo <= 0) throw new IllegalArgumentException("prix");
        this.prixDuKilo = prixDuKilo;
    }

    void accorder(String client, Remise r) {
        if (!client.matches("C\\d{3}")) throw new IllegalArgumentException("client : " + client);
        remises.put(client, r);
    }

    Remise remiseDe(String client) {
        return remises.getOrDefault(client, SansRemise.SEULE);
    }

    double facturer(String client, int kilos) {
        return prixDuKilo * kilos * remiseDe(client).facteur(kilos);
    }

    String ticket(String client, int kilos) {
        return client + " " + facturer(client, kilos) + " " + remiseDe(client).libelle();
    }
}

public class Rabais {
    public static void main(String[] args) {
        Poissonnerie p = new Poissonnerie(14.5);
        p.accorder("C007", new RemiseFidele(9));
        p.accorder("C012", new RemiseQuantite(10));
        System.out.println(p.ticket("C007", 2));
        System.out.println(p.ticket("C012", 12));
        System.out.println(p.ticket("C100", 3));
    }
}
