import java.util.Comparator;

public class DeepestFirst implements Comparator<Ship> {
    @Override
    public int compare(Ship a, Ship b) {
        return Integer.compare(b.draught, a.draught);
    }
}
