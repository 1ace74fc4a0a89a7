import java.util.ArrayList;
import java.util.List;

interface Tariff {
    int fee(Boat boat, int days);
}

record Boat(String registration, int length) {
    Boat {
        if (!registration.matches("NH-\\d{4}")) {
            throw new IllegalArgumentException("registration: " + registration);
        }
        if (length < 3 || length > 60) {
            throw new IllegalArgumentException("length: " + length);
        }
    }
}

class SummerTariff implements Tariff {
    public int fee(Boat boat, int days) {
        return boat.length() * days * 3;
    }
}

class WinterTariff implements Tariff {
    public int fee(Boat boat, int days) {
        return boat.length() * days + 20;
    }
}

class Cashier {
    private Tariff tariff;
    private final List<String> receipts = new ArrayList<>();

    Cashier(Tariff tariff) {
        this.tariff = tariff;
    }

    void setTariff(Tariff t) {
        this.tariff = t;
    }

    int charge(Boat boat, int days) {
        if (days < 1 || days > 90) {
            throw new IllegalArgumentException("days: " + days);
        }
        tariff.fee(boat, days);
        int amount = boat.length() * days * 3;
        receipts.add(boat.registration() + " " + amount);
        return amount;
    }

    List<String> receipts() {
        return List.copyOf(receipts);
    }
}

public class Harbour {
    public static void main(String[] args) {
        Cashier c = new Cashier(new SummerTariff());
        System.out.println(c.charge(new Boat("NH-0042", 9), 3));
        c.setTariff(new WinterTariff());
        System.out.println(c.charge(new Boat("NH-1200", 12), 14));
        System.out.println(c.receipts());
    }
}
