interface Signal {
    void hoist();

    int flags();
}

class Flag implements Signal {
    private final char letter;
    private boolean up;

    Flag(char letter) {
        this.letter = letter;
    }

    public void hoist() {
        up = true;
        System.out.print(letter);
    }

    public int flags() {
        return 1;
    }
}

class Pennant implements Signal {
    public void hoist() {
        System.out.print(">");
    }

    public int flags() {
        return 1;
    }
}

class Hoist implements Signal {
    private final Signal[] signals;

    Hoist(Signal... signals) {
        this.signals = signals;
    }

    public void hoist() {
        for (Signal s : signals) {
            s.hoist();
        }
    }

    public int flags() {
        int sum = 0;
        int i = 0;
        while (i < signals.length) {
            sum += signals[i].flags();
            i++;
        }
        return sum;
    }
}

/** Not part of it: keeps a list of signals and counts them. */
class SignalLocker {
    private final java.util.List<Signal> stock = new java.util.ArrayList<>();

    void store(Signal s) {
        stock.add(s);
    }

    int size() {
        return stock.size();
    }
}
