import java.util.*;
import java.util.function.*;
interface Action { String run(List<String> words) throws BadOrder; default boolean changes() { return true; } }
class BadOrder extends Exception { BadOrder(String m) { super(m); } }
class Chart {
    private int x, y; private boolean light;
    void to(int x, int y) { this.x = x; this.y = y; }
    void light(boolean on) { light = on; }
    String where() { return x + "/" + y + (light ? " lit" : ""); }
}
class Go implements Action {
    private final Chart chart;
    Go(Chart chart) { this.chart = chart; }
    public String run(List<String> w) throws BadOrder {
        if (w.size() != 2) throw new BadOrder("go X Y");
        try { chart.to(Integer.parseInt(w.get(0)), Integer.parseInt(w.get(1))); }
        catch (NumberFormatException e) { throw new BadOrder("numbers, please"); }
        return "under way";
    }
}
class Light implements Action {
    private final Chart chart;
    Light(Chart chart) { this.chart = chart; }
    public String run(List<String> w) { chart.light(w.contains("on")); return "aye"; }
}
class Where implements Action {
    private final Chart chart;
    Where(Chart chart) { this.chart = chart; }
    public String run(List<String> w) { return chart.where(); }
    @Override public boolean changes() { return false; }
}
class Bridge {
    private final Map<String, Action> actions = new HashMap<>();
    private final List<String> log = new ArrayList<>();
    void name(String word, Action a) { actions.put(word, a); }
    String order(String line) {
        String[] words = line.trim().split(" +");
        Action a = actions.get(words[0]);
        if (a == null) return "what?";
        try {
            String said = a.run(Arrays.asList(words).subList(1, words.length));
            if (a.changes()) log.add(line);
            return said;
        } catch (BadOrder e) {
            return e.getMessage();
        }
    }
    List<String> log() { return log; }
}
class Watchkeeper {
    public static void main(String[] args) {
        Chart c = new Chart(); Bridge b = new Bridge();
        b.name("go", new Go(c)); b.name("light", new Light(c)); b.name("where", new Where(c));
        for (String s : new String[] {"go 3 4", "light on", "where", "sink"}) System.out.println(b.order(s));
    }
}
