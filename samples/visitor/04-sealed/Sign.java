package mooring;

public class Sign extends MooringCases<String> {
    @Override
    protected String pier(Mooring.Pier pier) {
        return "P" + pier.metres();
    }

    @Override
    protected String line(Mooring.BuoyLine line) {
        return "B" + line.lines();
    }

    @Override
    protected String anchor(Mooring.Anchor anchor) {
        return "A";
    }
}
