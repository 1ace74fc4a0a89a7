package port;

public class Demo {
    public static void main(String[] args) {
        Ecluse e = new Ecluse("bassin nord", 2.0);
        Alarme a = new Alarme(4);
        e.mettreEnService();
        try (Abonnement ab = e.suivre(a)) {
            Abonnement autre = e.suivre((b, x, y) -> System.out.println(b + " " + x + " -> " + y));
            e.remplir(2.5);
            autre.close();
            e.vider(1);
        }
        e.remplir(1);
        System.out.println(a.sonneries());
    }
}
