interface Signal { void show(String word); }
class FlagLocker {
    private final StringBuilder hoisted = new StringBuilder();
    private FlagSignal front;
    void use(FlagSignal s) { front = s; }
    void hoist(char flag) { hoisted.append(flag); }
}
class FlagSignal implements Signal {
    private final FlagLocker locker;
    FlagSignal(FlagLocker locker) { this.locker = locker; locker.use(this); }
    public void show(String word) {
        for (char c : word.toCharArray()) locker.hoist(c);
    }
}
class Mole {
    private final Signal signal;
    Mole(Signal signal) { this.signal = signal; }
    void greet(String ship) { signal.show(ship); }
}
