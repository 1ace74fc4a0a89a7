package lock;

/** Whoever waits at the lock. */
public interface Vessel {

    void mayEnter();
}
