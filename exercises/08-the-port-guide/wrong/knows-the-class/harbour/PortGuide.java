package harbour;

/** Says when to sail. */
public class PortGuide implements Tides {

    private final TideTable table;

    public PortGuide() {
        this(new TideTable());
    }

    public PortGuide(TideTable table) {
        this.table = table;
    }

    @Override
    public int highWater(int day) {
        return table.highWater(day);
    }

    @Override
    public int lowWater(int day) {
        return table.lowWater(day);
    }

    public String advice(int day) {
        return "Sail at " + (highWater(day) - 1) + " o'clock";
    }
}
