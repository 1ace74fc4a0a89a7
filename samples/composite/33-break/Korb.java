import java.util.*;

interface Ding {
    int g();
}

class Apfel implements Ding {
    public int g() {
        return 150;
    }
}

class Korb implements Ding {
    private final List<Ding> dinge = new ArrayList<>();

    void rein(Ding d) {
        dinge.add(d);
    }

    public int g() {
        int s = 0;
        for (Ding d : dinge) {
            s += d.g();
            break;
        }
        return s;
    }
}
