import java.util.List;
import java.util.Map;

sealed interface Item permits Piece, Bundle {
    int pieces();

    double value();
}

record Piece(String name, double value) implements Item {
    public int pieces() {
        return 1;
    }
}

record Bundle(Map<String, Item> parts) implements Item {
    public int pieces() {
        return parts.values().stream().map(Item::pieces).reduce(0, Integer::sum);
    }

    public double value() {
        double v = 0;
        for (Map.Entry<String, Item> e : parts.entrySet()) {
            v += e.getValue().value();
        }
        return v;
    }
}

class ManifestDemo {
    public static void main(String[] args) {
        Item all = new Bundle(Map.of("a", new Piece("anchor", 900), "b", new Bundle(Map.of())));
        System.out.println(all.pieces() + " " + all.value());
    }
}
