import java.util.Comparator;

public class NachGroesse implements Comparator<Abfahrt> {
    @Override
    public int compare(Abfahrt a, Abfahrt b) {
        return Integer.compare(b.plaetze(), a.plaetze());
    }
}
