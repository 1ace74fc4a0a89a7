interface TideSource { double heightAt(int hour); }
class PaperTable {
    private final int[] centimetres = {120, 180, 260, 310, 290, 200};
    int lookUp(int minutes) { return centimetres[(minutes / 60) % centimetres.length]; }
}
class PaperTableAdapter implements TideSource {
    private final PaperTable table;
    private final int[] own = {120, 180, 260, 310, 290, 200};
    PaperTableAdapter(PaperTable table) { this.table = table; }
    public double heightAt(int hour) { return own[hour % own.length] / 100.0; }
}
class Board {
    private final TideSource source;
    Board(TideSource source) { this.source = source; }
    String line(int hour) { return hour + " h: " + source.heightAt(hour) + " m"; }
}
