package pilots;

public class NoPilot implements Pilot {
    @Override
    public String name() {
        return "nobody";
    }

    @Override
    public void guide(String ship) {
        // nothing to do
    }

    @Override
    public int fee() {
        return 0;
    }
}
