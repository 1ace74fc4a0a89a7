import java.util.*;

interface Tug {
    Optional<String> callSign();

    int pull(int tonnes);

    boolean isFree();

    List<Integer> log();
}

class HarbourTug implements Tug {
    private final List<Integer> log = new ArrayList<>();

    public Optional<String> callSign() {
        return Optional.of("T1");
    }

    public int pull(int t) {
        log.add(t);
        return t;
    }

    public boolean isFree() {
        return log.size() < 3;
    }

    public List<Integer> log() {
        return log;
    }
}

enum NoTug implements Tug {
    INSTANCE;

    public Optional<String> callSign() {
        return Optional.empty();
    }

    public int pull(int t) {
        return 0;
    }

    public boolean isFree() {
        return false;
    }

    public List<Integer> log() {
        return List.of();
    }
}

class Pilot {
    private final Tug tug;

    Pilot(Tug tug) {
        this.tug = tug == null ? NoTug.INSTANCE : tug;
    }

    int bringIn(int tonnes) {
        return tug.pull(tonnes) + (tug.isFree() ? 1 : 0);
    }
}
