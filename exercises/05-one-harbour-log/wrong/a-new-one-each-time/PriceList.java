public class PriceList {
    private static PriceList instance = new PriceList();
    private double fish = 9.5;

    private PriceList() {}

    public static PriceList getInstance() {
        return new PriceList();
    }

    public double fish() {
        return fish;
    }
}
