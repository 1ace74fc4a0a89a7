import java.util.*;

abstract class Subjekt {
    private final List<Zuhoerer> zuhoerer = new LinkedList<>();

    public void an(Zuhoerer z) {
        if (!zuhoerer.contains(z)) zuhoerer.add(z);
    }

    public void ab(Zuhoerer z) {
        zuhoerer.remove(z);
    }

    protected void melde(Object was) {
        for (Iterator<Zuhoerer> it = new ArrayList<>(zuhoerer).iterator(); it.hasNext(); )
            it.next().hoere(this, was);
    }
}

interface Zuhoerer {
    void hoere(Subjekt von, Object was);
}

class Bruecke extends Subjekt {
    private boolean offen;

    public void oeffne() {
        if (!offen) {
            offen = true;
            melde("offen");
        }
    }

    public void schliesse() {
        if (offen) {
            offen = false;
            melde("zu");
        }
    }

    public boolean istOffen() {
        return offen;
    }
}

class Ampel implements Zuhoerer {
    String farbe = "gruen";

    public void hoere(Subjekt von, Object was) {
        farbe = "offen".equals(was) ? "rot" : "gruen";
    }
}

class Tagebuch implements Zuhoerer {
    final List<Object> alles = new ArrayList<>();

    public void hoere(Subjekt von, Object was) {
        alles.add(was);
    }
}
