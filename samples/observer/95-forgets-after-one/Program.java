import java.util.*;

interface Boje {
    void licht(int stufe);
}

class Rot implements Boje {
    int s;

    public void licht(int stufe) {
        s = stufe;
    }
}

class Gruen implements Boje {
    int s;

    public void licht(int stufe) {
        s = -stufe;
    }
}

class Zentrale {
    private final Deque<Boje> bojen = new ArrayDeque<>();
    private int stufe;

    void melde(Boje b) {
        bojen.add(b);
    }

    void entferne(Boje b) {
        bojen.pollLast();
    }

    void setze(int s) {
        stufe = s;
        for (Boje b : bojen) b.licht(stufe);
    }
}
