package harbour;

/** When the water is high and low in Nordhafen; each day it is later by an hour, within half a day. */
public class TideTable implements Tides {

    private static final int FIRST_HIGH = 5;

    @Override
    public int highWater(int day) {
        return (FIRST_HIGH + day) % 12;
    }

    @Override
    public int lowWater(int day) {
        return (FIRST_HIGH + day + 6) % 12;
    }
}
