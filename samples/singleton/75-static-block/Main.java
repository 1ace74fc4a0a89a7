import java.util.*;
class TideTable {
    private static final TideTable TABLE;
    static {
        Map<Integer, Double> m = new TreeMap<>();
        for (int h = 0; h < 24; h++) m.put(h, 2 + 1.5 * Math.sin(h * Math.PI / 6));
        TABLE = new TideTable(m);
    }
    private final Map<Integer, Double> metres;
    private TideTable(Map<Integer, Double> metres) { this.metres = metres; }
    static TideTable instance() { return TABLE; }
    double at(int hour) { return metres.get(Math.floorMod(hour, 24)); }
    int next(int hour, double atLeast) {
        for (int i = 0; i < 24; i++) if (at(hour + i) >= atLeast) return Math.floorMod(hour + i, 24);
        return -1;
    }
    @Override protected Object clone() throws CloneNotSupportedException { throw new CloneNotSupportedException(); }
}
class Ferryman {
    public static void main(String[] args) {
        System.out.println(TideTable.instance().next(9, 3.2));
    }
}
