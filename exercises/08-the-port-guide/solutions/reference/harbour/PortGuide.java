package harbour;

/** Says when to sail. */
public class PortGuide implements Tides {

    private final Tides tides;

    public PortGuide() {
        this(new TideTable());
    }

    public PortGuide(Tides tides) {
        this.tides = tides;
    }

    @Override
    public int highWater(int day) {
        return tides.highWater(day);
    }

    @Override
    public int lowWater(int day) {
        return tides.lowWater(day);
    }

    public String advice(int day) {
        return "Sail at " + (highWater(day) - 1) + " o'clock";
    }
}
