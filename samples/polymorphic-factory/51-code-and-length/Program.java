import java.util.*;

interface Ladung {
    double gebuehr();
}

record Stueckgut(int kisten) implements Ladung {
    public double gebuehr() {
        return kisten * 2.5;
    }
}

record Schuettgut(double tonnen) implements Ladung {
    public double gebuehr() {
        return tonnen * 9;
    }
}

record Gefahrgut(String stoff) implements Ladung {
    public double gebuehr() {
        return 250;
    }
}

class Ladungen {
    Ladung lies(char code, String rest) {
        return switch (code) {
            case 'S' -> new Stueckgut(Integer.parseInt(rest));
            case 'M' -> new Schuettgut(Double.parseDouble(rest));
            case 'G' -> new Gefahrgut(rest);
            default -> throw new IllegalArgumentException("Code " + code);
        };
    }
}

class Zoll {
    double summe(List<Ladung> alle) {
        double s = 0;
        for (Ladung l : alle) s += l.gebuehr();
        return s;
    }
}
