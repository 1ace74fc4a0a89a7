package lock;

/** Pulls others. */
public class Tug implements Vessel {

    private boolean inside;

    public Tug() {
    }

    public void arrive() {
        inside = true;
    }

    @Override
    public void mayEnter() {
        inside = true;
    }

    public void leave() {
        inside = false;
    }

    public boolean isInside() {
        return inside;
    }
}
