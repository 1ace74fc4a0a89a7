import java.util.ArrayList;
import java.util.List;

abstract class Eintrag {
    protected final String name;

    Eintrag(String name) {
        this.name = name;
    }

    public void dazu(Eintrag e) {
        throw new UnsupportedOperationException(name + " nimmt nichts auf");
    }

    public void weg(Eintrag e) {
        throw new UnsupportedOperationException(name + " nimmt nichts auf");
    }

    abstract void zeige(int tiefe);

    abstract int preis();
}

class Gericht extends Eintrag {
    private final int cent;

    Gericht(String name, int cent) {
        super(name);
        this.cent = cent;
    }

    void zeige(int tiefe) {
        System.out.println(" ".repeat(tiefe) + name + " " + cent);
    }

    int preis() {
        return cent;
    }
}

class Karte extends Eintrag {
    private final List<Eintrag> teile = new ArrayList<>();

    Karte(String name) {
        super(name);
    }

    @Override
    public void dazu(Eintrag e) {
        teile.add(e);
    }

    @Override
    public void weg(Eintrag e) {
        teile.remove(e);
    }

    void zeige(int tiefe) {
        System.out.println(" ".repeat(tiefe) + name);
        for (int i = 0; i < teile.size(); i++) {
            teile.get(i).zeige(tiefe + 2);
        }
    }

    int preis() {
        return teile.stream().mapToInt(Eintrag::preis).sum();
    }
}
