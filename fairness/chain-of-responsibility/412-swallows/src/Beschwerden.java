import java.util.ArrayList;
import java.util.List;

abstract class Bearbeiter {
    protected Bearbeiter weiter;
    void setzeWeiter(Bearbeiter b) { weiter = b; }
    abstract boolean bearbeite(String art, int schwere);
}

class Pfoertner extends Bearbeiter {
    boolean bearbeite(String art, int schwere) {
        if (art.equals("Schluessel")) return true;
        return weiter != null && weiter.bearbeite(art, schwere);
    }
}

class Techniker extends Bearbeiter {
    private final List<String> erledigt = new ArrayList<>();
    boolean bearbeite(String art, int schwere) {
        if (schwere > 5) return false;
        erledigt.add(art);
        return true;
    }
}

class Leitung extends Bearbeiter {
    boolean bearbeite(String art, int schwere) {
        if (schwere < 0) throw new IllegalArgumentException("Schwere");
        return schwere < 10;
    }
}

public class Beschwerden {
    public static void main(String[] args) {
        Bearbeiter p = new Pfoertner();
        Bearbeiter t = new Techniker();
        p.setzeWeiter(t);
        t.setzeWeiter(new Leitung());
        System.out.println(p.bearbeite("Schluessel", 1) + " " + p.bearbeite("Licht", 3) + " " + p.bearbeite("Dach", 8));
    }
}
