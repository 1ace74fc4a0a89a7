package mooring;

public abstract class MooringCases<T> {

    public final T of(Mooring m) {
        if (m instanceof Mooring.Pier pier) {
            return pier(pier);
        } else if (m instanceof Mooring.BuoyLine line) {
            return line(line);
        } else if (m instanceof Mooring.Anchor anchor) {
            return anchor(anchor);
        }
        throw new IllegalStateException("unknown " + m);
    }

    protected abstract T pier(Mooring.Pier pier);

    protected abstract T line(Mooring.BuoyLine line);

    protected abstract T anchor(Mooring.Anchor anchor);
}
