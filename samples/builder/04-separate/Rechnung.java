import java.util.*;

record Rechnung(String kunde, List<String> posten, int summe) {}

class RechnungsBauer {
    private String kunde = "unbekannt";
    private final List<String> posten = new ArrayList<>();
    private int summe;

    RechnungsBauer kunde(String name) {
        kunde = name;
        return this;
    }

    RechnungsBauer posten(String text, int cent) {
        posten.add(text);
        summe += cent;
        return this;
    }

    Rechnung fertig() {
        if (posten.isEmpty()) throw new IllegalStateException("leer");
        return new Rechnung(kunde, new ArrayList<>(posten), summe);
    }
}

class Buero {
    Rechnung fuer(String schiff) {
        return new RechnungsBauer().kunde(schiff).posten("Liegegeld", 4500).posten("Strom", 300).fertig();
    }
}
