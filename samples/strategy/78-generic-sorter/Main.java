import java.util.ArrayList;
import java.util.List;
abstract class Classement<T> {
    abstract boolean avant(T a, T b);
    public String toString() { return getClass().getSimpleName(); }
}
class Navire {
    final String nom; final int tonnage; final int arrivee;
    Navire(String nom, int tonnage, int arrivee) { this.nom = nom; this.tonnage = tonnage; this.arrivee = arrivee; }
    public String toString() { return nom; }
}
class ParTonnage extends Classement<Navire> {
    boolean avant(Navire a, Navire b) { return a.tonnage > b.tonnage; }
}
class ParArrivee extends Classement<Navire> {
    boolean avant(Navire a, Navire b) { return a.arrivee < b.arrivee; }
}
class ParNom extends Classement<Navire> {
    boolean avant(Navire a, Navire b) { return a.nom.compareToIgnoreCase(b.nom) < 0; }
}
class FileDAttente {
    private final List<Navire> navires = new ArrayList<>();
    private Classement<Navire> regle;
    FileDAttente(Classement<Navire> regle) { this.regle = regle; }
    void changerRegle(Classement<Navire> regle) { this.regle = regle; }
    void arrive(Navire n) { navires.add(n); }
    List<Navire> ordre() {
        List<Navire> tri = new ArrayList<>(navires);
        for (int i = 1; i < tri.size(); i++) {
            Navire n = tri.get(i);
            int j = i - 1;
            while (j >= 0 && regle.avant(n, tri.get(j))) {
                tri.set(j + 1, tri.get(j));
                j--;
            }
            tri.set(j + 1, n);
        }
        return tri;
    }
    Navire prochain() { return navires.isEmpty() ? null : ordre().get(0); }
}
class Essai {
    public static void main(String[] a) {
        FileDAttente f = new FileDAttente(new ParArrivee());
        f.arrive(new Navire("Alma", 300, 7)); f.arrive(new Navire("Berthe", 900, 5));
        System.out.println(f.ordre());
        f.changerRegle(new ParTonnage());
        System.out.println(f.ordre());
        f.changerRegle(new ParNom());
        System.out.println(f.prochain());
    }
}
