import java.util.ArrayList;
import java.util.List;

interface Bieder {
    void geboden(String kavel, int bedrag);
}

class Kavel {
    private final String code;
    private final List<Bieder> bieders = new ArrayList<>();
    private int hoogste;
    private boolean open;

    Kavel(String code, int inzet) {
        if (code.length() != 5 || code.charAt(2) != '/') {
            throw new IllegalArgumentException("code: " + code);
        }
        this.code = code;
        this.hoogste = inzet;
    }

    void open() {
        if (open) throw new IllegalStateException("al open");
        open = true;
    }

    void schrijfIn(Bieder b) {
        if (!bieders.contains(b)) bieders.add(b);
    }

    void schrijfUit(Bieder b) {
        bieders.remove(b);
    }

    void bied(int bedrag) {
        if (!open) throw new IllegalStateException("nog niet open");
        if (bedrag <= hoogste) throw new IllegalArgumentException("te laag: " + bedrag);
        hoogste = bedrag;
        for (Bieder b : new ArrayList<>(bieders)) {
            b.geboden(code, bedrag);
        }
    }

    void verlaag(int procent) {
        if (!open) throw new IllegalStateException("nog niet open");
        if (procent < 1 || procent > 50) throw new IllegalArgumentException("procent: " + procent);
        hoogste = hoogste - hoogste * procent / 100;
    }

    int hoogste() { return hoogste; }
}

class Bord implements Bieder {
    private String regel = "";
    public void geboden(String kavel, int bedrag) { regel = kavel + " " + bedrag; }
    String regel() { return regel; }
}

class Telefoon implements Bieder {
    private int berichten;
    public void geboden(String kavel, int bedrag) { berichten++; }
    int berichten() { return berichten; }
}

public class Veiling {
    public static void main(String[] args) {
        Kavel k = new Kavel("VIS/1".substring(0, 2) + "/12", 40);
        Bord b = new Bord();
        Telefoon t = new Telefoon();
        k.schrijfIn(b);
        k.schrijfIn(t);
        k.open();
        k.bied(50);
        k.bied(75);
        k.verlaag(10);
        k.schrijfUit(t);
        System.out.println(b.regel() + " " + t.berichten() + " " + k.hoogste());
    }
}
