package horn;

public class CountedHorn implements Signal {
    private final Signal inner;
    private int calls;

    public CountedHorn(Signal inner) {
        this.inner = inner;
    }

    @Override
    public void sound(int seconds) {
        calls++;
        inner.sound(seconds);
    }

    @Override
    public int volume() {
        return inner.volume();
    }

    public int calls() {
        return calls;
    }
}
