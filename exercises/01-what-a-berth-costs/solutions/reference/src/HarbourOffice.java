import java.util.ArrayList;
import java.util.List;

public class HarbourOffice {
    private final BerthFee fee;
    private final List<String> log = new ArrayList<>();

    public HarbourOffice(BerthFee fee) {
        this.fee = fee;
    }

    public double bill(Ship ship, int nights) {
        if (nights < 1) {
            throw new IllegalArgumentException("at least one night");
        }
        double amount = fee.amountFor(ship, nights);
        log.add(ship.getName() + ": " + amount);
        return amount;
    }

    public List<String> getLog() {
        return log;
    }
}
