interface Signal {
    void show(String word);
    int shown();
}

class FlagLocker {
    private final StringBuilder hoisted = new StringBuilder();
    private int count;
    void hoist(char flag) { hoisted.append(flag); count++; }
    String hoisted() { return hoisted.toString(); }
    int count() { return count; }
}

class FlagSignal extends FlagLocker implements Signal {
    @Override
    public void show(String word) {
        for (char c : word.toUpperCase().toCharArray()) {
            hoist(c);
        }
    }

    @Override
    public int shown() {
        return count();
    }
}

class Mole {
    private final Signal signal;
    Mole(Signal signal) { this.signal = signal; }
    void greet(String ship) { signal.show("Welcome " + ship); }
}
