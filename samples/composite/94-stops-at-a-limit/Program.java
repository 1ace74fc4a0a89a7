import java.util.*;

interface Lampe {
    void ein();

    int watt();
}

class Birne implements Lampe {
    boolean an;

    public void ein() {
        an = true;
    }

    public int watt() {
        return 40;
    }
}

class Kette implements Lampe {
    private final List<Lampe> lampen = new ArrayList<>();

    void haenge(Lampe l) {
        lampen.add(l);
    }

    public void ein() {
        boolean erste = true;
        for (Lampe l : lampen) {
            if (erste) l.ein();
            erste = false;
        }
    }

    public int watt() {
        int w = 0;
        for (Lampe l : lampen) w += l.watt();
        return w;
    }
}
