package lock;

/** Pulls others. */
public class Tug implements Vessel {

    private final LockKeeper keeper;
    private boolean inside;

    public Tug(LockKeeper keeper) {
        this.keeper = keeper;
    }

    public void arrive() {
        keeper.arrived(this);
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
