import java.util.HashMap;
import java.util.Map;

interface Store {
    void put(String key, int amount);

    int get(String key);

    String name();
}

class HallStore implements Store {
    private final Map<String, Integer> stock = new HashMap<>();

    public void put(String key, int amount) {
        stock.merge(key, amount, Integer::sum);
    }

    public int get(String key) {
        return stock.getOrDefault(key, 0);
    }

    public String name() {
        return "hall";
    }
}

class RentedStore implements Store {
    private final Store landlord = new HallStore();
    private final String tenant;

    RentedStore(String tenant) {
        this.tenant = tenant;
    }

    public void put(String key, int amount) {
        landlord.put(tenant + ":" + key, amount);
    }

    public int get(String key) {
        return landlord.get(tenant + ":" + key);
    }

    public String name() {
        return "rented by " + tenant;
    }
}
