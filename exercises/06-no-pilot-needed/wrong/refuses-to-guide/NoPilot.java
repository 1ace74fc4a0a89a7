package pilots;

public class NoPilot implements Pilot {
    @Override
    public String name() {
        return "nobody";
    }

    @Override
    public void guide(String ship) {
        throw new UnsupportedOperationException("nobody is on duty");
    }

    @Override
    public int fee() {
        return 0;
    }
}
