package mooring;

public class Price extends MooringCases<Integer> {
    @Override
    protected Integer pier(Mooring.Pier pier) {
        return pier.metres() * 3;
    }

    @Override
    protected Integer line(Mooring.BuoyLine line) {
        return 10 * line.lines();
    }

    @Override
    protected Integer anchor(Mooring.Anchor anchor) {
        return 0;
    }
}
