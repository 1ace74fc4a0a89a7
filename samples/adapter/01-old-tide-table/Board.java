class Board {
    private final TideSource source;

    Board(TideSource source) {
        this.source = source;
    }

    String line(int hour) {
        return hour + " h: " + source.heightAt(hour) + " m";
    }

    public static void main(String[] args) {
        System.out.println(new Board(new PaperTableAdapter(new PaperTable())).line(3));
    }
}
