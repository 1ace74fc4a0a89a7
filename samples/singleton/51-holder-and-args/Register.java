import java.util.*;

public class Register {
    private final Map<String, Integer> berths = new TreeMap<>();

    private Register() {
        for (int i = 1; i < 9; i++) berths.put("berth " + i, 0);
    }

    private static class Holder {
        static final Register ONE = new Register();
    }

    public static Register theRegister() {
        return Holder.ONE;
    }

    public void take(String berth) {
        berths.merge(berth, 1, Integer::sum);
    }
}
