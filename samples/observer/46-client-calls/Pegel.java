import java.util.*;

class Messwert {
    private final List<Interessent> leute = new ArrayList<>();
    private int wert;

    void ein(Interessent i) {
        leute.add(i);
    }

    void aus(Interessent i) {
        leute.remove(i);
    }

    void update(int w) {
        wert = w;
        leute.stream().filter(l -> l.willWissen(w)).forEach(l -> l.neu(wert));
    }
}

interface Interessent {
    boolean willWissen(int w);

    void neu(int w);
}

class Nur10 implements Interessent {
    public boolean willWissen(int w) {
        return w > 10;
    }

    public void neu(int w) {
        System.out.println(w);
    }
}

class Alles implements Interessent {
    int s;

    public boolean willWissen(int w) {
        return true;
    }

    public void neu(int w) {
        s += w;
    }
}
