import java.util.List;
import java.util.Collections;

abstract class Cargo {
    abstract double weight();

    abstract List<String> papers();

    abstract boolean isEmpty();

    final String summary() {
        return weight() + " t, " + papers().size() + " papers";
    }
}

class Grain extends Cargo {
    private final double tons;

    Grain(double tons) {
        this.tons = tons;
    }

    double weight() {
        return tons * 1.01;
    }

    List<String> papers() {
        return List.of("origin", "health");
    }

    boolean isEmpty() {
        return false;
    }
}

class Cars extends Cargo {
    private final int count;

    Cars(int count) {
        this.count = count;
    }

    double weight() {
        return count * 1.4;
    }

    List<String> papers() {
        return List.of("customs");
    }

    boolean isEmpty() {
        return false;
    }
}

final class NoCargo extends Cargo {
    double weight() {
        return 0;
    }

    List<String> papers() {
        return Collections.emptyList();
    }

    boolean isEmpty() {
        return true;
    }
}

class Hold {
    private Cargo cargo = new NoCargo();

    void load(Cargo c) {
        cargo = c;
    }

    void unload() {
        cargo = new NoCargo();
    }

    double draught() {
        return 2 + cargo.weight() / 100;
    }
}
