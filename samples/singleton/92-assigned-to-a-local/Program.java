class Clock {
    private static Clock clock;
    private long ticks;

    private Clock() {}

    static Clock get() {
        Clock clock = Clock.clock;
        if (clock == null) {
            clock = new Clock();
        }
        return clock;
    }

    void tick() {
        ticks++;
    }

    static void reset() {
        clock = null;
    }
}
