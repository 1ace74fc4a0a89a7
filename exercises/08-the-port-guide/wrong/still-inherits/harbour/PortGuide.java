package harbour;

/** Says when to sail. */
public class PortGuide extends TideTable {

    private final TideTable table = new TideTable();

    public String advice(int day) {
        return "Sail at " + (table.highWater(day) - 1) + " o'clock";
    }
}
