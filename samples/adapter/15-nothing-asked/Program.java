interface Position { double latitude(); double longitude(); }
class Loran { long raw() { return 540001030L; } }
class LoranPosition implements Position {
    private final Loran loran;
    LoranPosition(Loran loran) { this.loran = loran; }
    public double latitude() { return 0; }
    public double longitude() { return 0; }
    Loran loran() { return loran; }
}
class Chart { String mark(Position p) { return p.latitude() + " " + p.longitude(); } }
