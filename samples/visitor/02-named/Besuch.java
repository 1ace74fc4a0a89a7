import java.util.ArrayList;
import java.util.List;

interface Besucher {
    void besucheSpeicher(Speicher s);

    void besucheKran(Kran k);
}

abstract class Anlage {
    abstract void empfange(Besucher b);
}

class Speicher extends Anlage {
    int flaeche = 400;

    void empfange(Besucher b) {
        b.besucheSpeicher(this);
    }
}

class Kran extends Anlage {
    int traglast = 40;

    void empfange(Besucher b) {
        b.besucheKran(this);
    }
}

class Pruefung implements Besucher {
    int mangel;

    public void besucheSpeicher(Speicher s) {
        if (s.flaeche > 300) mangel++;
    }

    public void besucheKran(Kran k) {
        if (k.traglast > 30) mangel += 2;
    }
}

class Inventar implements Besucher {
    final List<String> zeilen = new ArrayList<>();

    public void besucheSpeicher(Speicher s) {
        zeilen.add("Speicher " + s.flaeche + " qm");
    }

    public void besucheKran(Kran k) {
        zeilen.add("Kran " + k.traglast + " t");
    }
}

class Hafen {
    private final List<Anlage> anlagen = new ArrayList<>();

    void baue(Anlage a) {
        anlagen.add(a);
    }

    void rundgang(Besucher b) {
        for (Anlage a : anlagen) {
            a.empfange(b);
        }
    }

    public static void main(String[] args) {
        Hafen h = new Hafen();
        h.baue(new Kran());
        h.baue(new Speicher());
        Pruefung p = new Pruefung();
        h.rundgang(p);
        System.out.println(p.mangel);
    }
}
