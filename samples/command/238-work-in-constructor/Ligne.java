import java.util.ArrayList;
import java.util.List;

interface Action {
    void executer();
}

class Phare {
    private boolean allume;
    private int tours;

    void allumer() { allume = true; }
    void eteindre() { allume = false; }
    void tourner(int n) {
        if (!allume) throw new IllegalStateException("le phare est eteint");
        tours += n;
    }
    boolean allume() { return allume; }
    int tours() { return tours; }
}

class Allumer implements Action {
    private final Phare phare;
    Allumer(Phare phare) {
        this.phare = phare;
        phare.allumer();
    }
    public void executer() {
    }
    Phare phare() { return phare; }
}

class Tourner implements Action {
    private final int n;
    Tourner(Phare phare, int n) {
        if (n < 1 || n > 9) throw new IllegalArgumentException("tours : " + n);
        this.n = n;
        phare.tourner(n);
    }
    public void executer() {
    }
    int n() { return n; }
}

class Gardien {
    private final List<Action> file = new ArrayList<>();

    void prevoir(Action a) { file.add(a); }

    void travailler() {
        for (Action a : file) a.executer();
        file.clear();
    }
}

public class Ligne {
    public static void main(String[] args) {
        Phare p = new Phare();
        Gardien g = new Gardien();
        g.prevoir(new Allumer(p));
        g.prevoir(new Tourner(p, 4));
        g.travailler();
        System.out.println(p.allume() + " " + p.tours());
    }
}
