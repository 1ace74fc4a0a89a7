import java.util.HashMap;
import java.util.Map;

interface Berth {
    String sign();

    int length();
}

class PierBerth implements Berth {
    private final int number;

    PierBerth(int number) {
        this.number = number;
    }

    public String sign() {
        return "P" + number;
    }

    public int length() {
        return 20 + number;
    }
}

class NullBerth implements Berth {
    public String sign() {
        return null;
    }

    public int length() {
        return 0;
    }
}

class Plan {
    private final Map<String, Berth> berths = new HashMap<>();

    Berth of(String ship) {
        Berth b = berths.get(ship);
        return b == null ? new NullBerth() : b;
    }

    int total(String... ships) {
        int sum = 0;
        for (String s : ships) sum += of(s).length();
        return sum;
    }
}
