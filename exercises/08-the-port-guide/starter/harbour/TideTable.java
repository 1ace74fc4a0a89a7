package harbour;

/** When the water is high and low in Nordhafen; each day it is later by an hour, within half a day. */
public class TideTable {

    private static final int FIRST_HIGH = 5;

    public int highWater(int day) {
        return (FIRST_HIGH + day) % 12;
    }

    public int lowWater(int day) {
        return (FIRST_HIGH + day + 6) % 12;
    }
}
