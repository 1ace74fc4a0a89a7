package harbour;

/** Says when to sail. */
public class PortGuide extends TideTable {

    public String advice(int day) {
        return "Sail at " + (highWater(day) - 1) + " o'clock";
    }
}
