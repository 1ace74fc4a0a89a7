import java.util.ArrayDeque;
import java.util.Deque;

interface Aenderung {
    void ausfuehren();

    void zuruecknehmen();
}

class Fahrplan {
    private final StringBuilder text = new StringBuilder();

    void anhaengen(String s) {
        text.append(s);
    }

    void kuerzen(int n) {
        text.setLength(text.length() - n);
    }
}

class Abfahrt implements Aenderung {
    private final Fahrplan plan;
    private final String zeit;

    Abfahrt(Fahrplan plan, String zeit) {
        this.plan = plan;
        this.zeit = zeit;
    }

    public void ausfuehren() {
        plan.anhaengen(zeit + " ab\n");
    }

    public void zuruecknehmen() {
        plan.kuerzen(zeit.length() + 4);
    }
}

class Trennlinie implements Aenderung {
    private final Fahrplan plan;

    Trennlinie(Fahrplan plan) {
        this.plan = plan;
    }

    public void ausfuehren() {
        plan.anhaengen("---\n");
    }

    public void zuruecknehmen() {
        plan.anhaengen("---\n");
    }
}

class Schreibtisch {
    private final Deque<Aenderung> verlauf = new ArrayDeque<>();

    void mache(Aenderung a) {
        a.ausfuehren();
        verlauf.push(a);
    }

    void zurueck() {
        if (!verlauf.isEmpty()) {
            verlauf.pop().zuruecknehmen();
        }
    }
}
