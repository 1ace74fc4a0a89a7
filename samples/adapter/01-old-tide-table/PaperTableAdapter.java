class PaperTableAdapter implements TideSource {
    private final PaperTable table;

    PaperTableAdapter(PaperTable table) {
        this.table = table;
    }

    @Override
    public double heightAt(int hour) {
        return table.lookUp(hour * 60) / 100.0;
    }
}
