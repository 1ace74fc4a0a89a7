interface Position { double latitude(); double longitude(); }

class Loran { long raw() { return 5400L * 100_000 + 1030; } }
class Sextant {
    private final double angle;
    Sextant(double angle) { this.angle = angle; }
    double read() { return angle; }
}

class LoranPosition implements Position {
    private final Loran loran;
    LoranPosition(Loran loran) { this.loran = loran; }
    public double latitude() { return loran.raw() / 100_000 / 100.0; }
    public double longitude() { return loran.raw() % 100_000 / 100.0; }
}

class SextantPosition implements Position {
    private Sextant sextant;
    private final double known;
    SextantPosition(Sextant s, double known) { sextant = s; this.known = known; }
    public double latitude() { return 90 - sextant.read(); }
    public double longitude() { return known; }
}

class Chart {
    String mark(Position p) { return p.latitude() + " " + p.longitude(); }
}
