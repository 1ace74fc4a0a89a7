package lock;

/** Carries gravel. */
public class Barge implements Vessel {

    private boolean inside;

    public Barge() {
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
