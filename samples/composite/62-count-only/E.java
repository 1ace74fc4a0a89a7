import java.util.*;

interface Figur {
    void zeichne();

    int ecken();
}

class Dreieck implements Figur {
    public void zeichne() {
        System.out.print("^");
    }

    public int ecken() {
        return 3;
    }
}

class Bild implements Figur {
    private List<Figur> figuren = new ArrayList<>();

    void hinzu(Figur f) {
        figuren.add(f);
    }

    public void zeichne() {
        System.out.print("[" + figuren.size() + "]");
    }

    public int ecken() {
        return figuren.size() * 4;
    }
}
