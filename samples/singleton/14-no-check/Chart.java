public class Chart {
    private static Chart chart;
    private final int scale;

    private Chart() {
        scale = 25000;
    }

    public static Chart load() {
        chart = new Chart();
        return chart;
    }

    public int scale() {
        return scale;
    }
}
