public class Boje {
    private Empfaenger[] empfaenger = new Empfaenger[10];
    private int anzahl = 0;
    private boolean licht;

    public void hinzufuegen(Empfaenger e) {
        empfaenger[anzahl] = e;
        anzahl++;
    }

    public void lichtAn() {
        licht = true;
        benachrichtigen();
    }

    public void lichtAus() {
        licht = false;
        benachrichtigen();
    }

    private void benachrichtigen() {
        for (int i = 0; i < anzahl; i++) {
            empfaenger[i].licht(licht);
        }
    }
}

abstract class Empfaenger {
    abstract void licht(boolean an);
}

class Lotse extends Empfaenger {
    void licht(boolean an) {
        System.out.println(an ? "Lotse faehrt" : "Lotse wartet");
    }
}

class Leitstelle extends Empfaenger {
    private int wechsel;

    void licht(boolean an) {
        wechsel++;
    }
}
