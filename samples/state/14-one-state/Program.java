interface Watchman { int round(int hour); }
class Awake implements Watchman { public int round(int hour) { return hour * 2; } }
class Tower {
    private Watchman state = new Awake();
    void change(Watchman w) { state = w; }
    int strike(int hour) { return state.round(hour); }
}
