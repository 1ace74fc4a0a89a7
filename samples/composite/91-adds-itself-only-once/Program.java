import java.util.*;

interface Cargo {
    int kilos();

    void seal();
}

class Crate implements Cargo {
    private final int kilos;
    private boolean sealed;

    Crate(int kilos) {
        this.kilos = kilos;
    }

    public int kilos() {
        return kilos;
    }

    public void seal() {
        sealed = true;
    }
}

class Pallet implements Cargo {
    private final List<Cargo> load = new ArrayList<>();

    void add(Cargo c) {
        load.add(c);
    }

    void remove(Cargo c) {
        load.remove(c);
    }

    public int kilos() {
        int sum = 0;
        for (Cargo c : load) sum += c.kilos();
        return sum;
    }

    public void seal() {
        for (Cargo c : load) c.seal();
        for (Cargo c : load) c.seal();
    }
}
