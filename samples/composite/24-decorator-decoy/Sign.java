import java.util.*;

interface Zeichen {
    String bild();

    int breite();
}

class Punkt implements Zeichen {
    public String bild() {
        return ".";
    }

    public int breite() {
        return 1;
    }
}

class Strich implements Zeichen {
    public String bild() {
        return "-";
    }

    public int breite() {
        return 3;
    }
}

class Rahmen implements Zeichen {
    private final Zeichen innen;

    Rahmen(Zeichen innen) {
        this.innen = innen;
    }

    public String bild() {
        return "[" + innen.bild() + "]";
    }

    public int breite() {
        return innen.breite() + 2;
    }
}

class Folge implements Zeichen {
    private final List<Zeichen> teile = new ArrayList<>();

    Folge und(Zeichen z) {
        teile.add(z);
        return this;
    }

    public String bild() {
        StringBuilder sb = new StringBuilder();
        for (Zeichen z : teile) sb.append(z.bild());
        return sb.toString();
    }

    public int breite() {
        return teile.stream().map(z -> z.breite()).reduce(0, (a, b) -> a + b);
    }
}
