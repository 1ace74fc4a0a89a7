import java.util.ArrayList;
import java.util.List;

interface Leitung {
    String verbinde(String von, String nach);
    void trenne(String von);
    int offene();
}

class Amt implements Leitung {
    private final List<String> offen = new ArrayList<>();

    public String verbinde(String von, String nach) {
        pruefe(von);
        pruefe(nach);
        if (offen.contains(von)) throw new IllegalStateException(von + " spricht");
        offen.add(von);
        return von + " > " + nach;
    }

    public void trenne(String von) {
        pruefe(von);
        offen.remove(von);
    }

    public int offene() { return offen.size(); }

    private static void pruefe(String nummer) {
        if (!nummer.matches("0\\d{4}")) throw new IllegalArgumentException("Nummer " + nummer);
    }
}

class Zentrale implements Leitung {
    private final Leitung amt;
    private int vermittelt;

    Zentrale(Leitung amt) { this.amt = amt; }

    public String verbinde(String von, String nach) {
        vermittelt++;
        return amt.verbinde(nach, von);
    }

    public void trenne(String von) { amt.trenne(von); }
    public int offene() { return amt.offene(); }
    int vermittelt() { return vermittelt; }
}

public class Telefonie {
    public static void main(String[] args) {
        Zentrale z = new Zentrale(new Amt());
        System.out.println(z.verbinde("01234", "04711"));
        System.out.println(z.verbinde("02000", "04711".replace('7', '8')) + " " + z.offene());
        z.trenne("01234");
        System.out.println(z.offene() + " " + z.vermittelt());
    }
}
