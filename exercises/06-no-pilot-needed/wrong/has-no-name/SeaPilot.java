package pilots;

public class SeaPilot implements Pilot {
    private final String name;
    private int guided;

    public SeaPilot(String name) {
        this.name = name;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public void guide(String ship) {
        guided++;
        System.out.println(name + " guides " + ship);
    }

    @Override
    public int fee() {
        return 120 + guided;
    }
}
