import java.util.*;

class Bell {
    private final List<Ear> ears = new ArrayList<>();
    private int rings;

    void attach(Ear e) {
        ears.add(e);
    }

    void detach(Ear e) {
        ears.remove(e);
    }

    void ring() {
        rings++;
        ears.stream().limit(1).forEach(e -> e.hear(rings));
    }
}

interface Ear {
    void hear(int rings);
}

class Sexton implements Ear {
    public void hear(int rings) {
        System.out.println(rings);
    }
}

class Sleeper implements Ear {
    int awake;

    public void hear(int rings) {
        awake++;
    }
}
