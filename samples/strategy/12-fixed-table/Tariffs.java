import java.util.Map;
import java.util.function.IntUnaryOperator;

public class Tariffs {
    private static final Map<String, IntUnaryOperator> TABLE =
            Map.of("yacht", m -> m * 3, "cargo", m -> m * 5 + 10, "ferry", m -> 70);

    public int fee(String kind, int metres) {
        IntUnaryOperator rule = TABLE.get(kind);
        if (rule == null) throw new IllegalArgumentException(kind);
        return rule.applyAsInt(metres);
    }
}
