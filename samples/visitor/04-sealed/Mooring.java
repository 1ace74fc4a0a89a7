package mooring;

/** Without accept: the kinds are known, and one place tells them apart. */
public sealed interface Mooring permits Mooring.Pier, Mooring.BuoyLine, Mooring.Anchor {
    record Pier(int metres) implements Mooring {}

    record BuoyLine(int lines) implements Mooring {}

    record Anchor(double depth) implements Mooring {}
}
