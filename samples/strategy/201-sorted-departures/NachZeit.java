import java.util.Comparator;

public class NachZeit implements Comparator<Abfahrt> {
    @Override
    public int compare(Abfahrt a, Abfahrt b) {
        return a.zeit().compareTo(b.zeit());
    }
}
