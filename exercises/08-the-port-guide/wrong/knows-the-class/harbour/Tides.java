package harbour;

/** When the water is high and low. */
public interface Tides {

    int highWater(int day);

    int lowWater(int day);
}
