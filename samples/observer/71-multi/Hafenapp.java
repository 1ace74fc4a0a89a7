import java.util.*;

/* Everything of the term in one file: observer, strategy, singleton, null object, command. */
interface Alarmempfaenger {
    void alarm(String ort, int stufe);
}

class Feuermelder {
    private static final Feuermelder INSTANZ = new Feuermelder();
    private final List<Alarmempfaenger> empfaenger = new ArrayList<>();
    private Stufenregel regel = new Einfach();
    private int stufe;

    private Feuermelder() {}

    static Feuermelder instanz() {
        return INSTANZ;
    }

    void eintragen(Alarmempfaenger e) {
        empfaenger.add(e);
    }

    void austragen(Alarmempfaenger e) {
        empfaenger.remove(e);
    }

    void regel(Stufenregel r) {
        regel = r;
    }

    void rauch(String ort, double dichte) {
        int neu = regel.stufe(dichte);
        if (neu != stufe) {
            stufe = neu;
            for (Alarmempfaenger e : empfaenger) {
                e.alarm(ort, stufe);
            }
        }
    }
}

interface Stufenregel {
    int stufe(double dichte);
}

class Einfach implements Stufenregel {
    public int stufe(double d) {
        return d > 1 ? 2 : 0;
    }
}

class Empfindlich implements Stufenregel {
    public int stufe(double d) {
        return (int) Math.ceil(d * 4);
    }
}

class Feuerwehr implements Alarmempfaenger {
    private final Deque<Runnable> einsaetze = new ArrayDeque<>();

    public void alarm(String ort, int s) {
        einsaetze.add(() -> System.out.println("Einsatz " + ort));
    }

    void los() {
        while (!einsaetze.isEmpty()) einsaetze.poll().run();
    }
}

class Niemand implements Alarmempfaenger {
    public void alarm(String ort, int s) {}
}

class Protokoll implements Alarmempfaenger {
    final List<String> z = new ArrayList<>();

    public void alarm(String ort, int s) {
        z.add(ort + s);
    }
}
