interface Watchman { int round(int hour); }
class Asleep implements Watchman { public int round(int hour) { return 0; } }
class Awake implements Watchman { public int round(int hour) { return hour * 2; } }
class Tired implements Watchman { public int round(int hour) { return hour; } }
class Tower {
    private final Watchman asleep = new Asleep();
    private final Watchman awake = new Awake();
    private final Watchman tired = new Tired();
    private Watchman state = asleep;
    private int rounds;
    int strike(int hour) {
        rounds += state.round(hour);
        if (rounds > 40) { state = tired; } else if (hour > 6) { state = awake; }
        return rounds;
    }
}
