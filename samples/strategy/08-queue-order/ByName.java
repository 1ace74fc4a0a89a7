import java.util.Comparator;

public class ByName implements Comparator<Ship> {
    @Override
    public int compare(Ship a, Ship b) {
        return a.name.compareTo(b.name);
    }
}
