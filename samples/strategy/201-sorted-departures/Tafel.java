import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/** Zeigt die Abfahrten in der Reihenfolge, die gerade eingestellt ist. */
public class Tafel {
    private final List<Abfahrt> abfahrten = new ArrayList<>();
    private Comparator<Abfahrt> reihenfolge;
    private boolean geoeffnet;

    public Tafel(Comparator<Abfahrt> reihenfolge) {
        this.reihenfolge = Objects.requireNonNull(reihenfolge);
    }

    public void setReihenfolge(Comparator<Abfahrt> neu) {
        reihenfolge = Objects.requireNonNull(neu);
    }

    public void oeffne() {
        geoeffnet = true;
    }

    public void trageEin(Abfahrt a) {
        if (!geoeffnet) {
            throw new IllegalStateException("Tafel ist zu");
        }
        for (Abfahrt b : abfahrten) {
            if (b.liegeplatz().equals(a.liegeplatz())) {
                throw new IllegalStateException("Platz belegt: " + a.liegeplatz());
            }
        }
        abfahrten.add(a);
    }

    public List<String> zeige() {
        if (abfahrten.size() < 2) {
            throw new IllegalStateException("noch zu wenig Abfahrten");
        }
        List<Abfahrt> sortiert = new ArrayList<>(abfahrten);
        sortiert.sort(reihenfolge);
        List<String> zeilen = new ArrayList<>();
        for (Abfahrt a : sortiert) {
            zeilen.add(a.zeit() + " " + a.schiff() + " (" + a.liegeplatz() + ")");
        }
        return zeilen;
    }
}
