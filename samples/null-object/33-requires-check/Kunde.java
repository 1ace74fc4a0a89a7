import java.util.*;

interface Kunde {
    String name();
}

class Echt implements Kunde {
    String n;

    Echt(String n) {
        this.n = n;
    }

    public String name() {
        return n.trim();
    }
}

class Unbekannt implements Kunde {
    public String name() {
        return "";
    }
}

class Kartei {
    private Map<Integer, Kunde> m = new HashMap<>();

    Kunde suche(int nr) {
        Kunde k = m.get(nr);
        return k != null ? k : new Unbekannt();
    }
}

class Brief {
    String anrede(Kartei k, int nr) {
        Kunde kunde = k.suche(nr);
        if (Objects.nonNull(kunde)) {
            return "Moin " + kunde.name();
        }
        return "Moin";
    }
}
