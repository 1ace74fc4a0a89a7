import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

class Registry {
    private static volatile Registry theOne;
    private final Map<String, String> ships = new ConcurrentHashMap<>();

    private Registry() {
        ships.put("NH1", "Seestern");
    }

    static Registry instance() {
        Registry local = theOne;
        if (local == null) {
            synchronized (Registry.class) {
                local = theOne;
                if (local == null) {
                    local = new Registry();
                    theOne = local;
                }
            }
        }
        return local;
    }

    String owner(String sign) {
        return ships.get(sign);
    }
}
