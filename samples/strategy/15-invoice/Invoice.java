import java.util.*;

public class Invoice {
    private final List<Double> lengths = new ArrayList<>();

    public void add(double l) {
        lengths.add(l);
    }

    public double total(Fee fee) {
        return lengths.stream().mapToDouble(fee::of).sum();
    }
}
