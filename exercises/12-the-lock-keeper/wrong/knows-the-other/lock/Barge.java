package lock;

/** Carries gravel. */
public class Barge implements Vessel {

    private final LockKeeper keeper;
    private final Tug other;
    private boolean inside;

    public Barge(LockKeeper keeper, Tug other) {
        this.keeper = keeper;
        this.other = other;
    }

    public void arrive() {
        if (!other.isInside()) {
            keeper.arrived(this);
        }
    }

    @Override
    public void mayEnter() {
        inside = true;
    }

    public void leave() {
        inside = false;
        keeper.left(this);
    }

    public boolean isInside() {
        return inside;
    }
}
