enum HarbourClock {
    INSTANCE;

    private long ticks;

    void tick() {
        ticks++;
    }

    long ticks() {
        return ticks;
    }
}

class ClockDemo {
    public static void main(String[] args) {
        HarbourClock.INSTANCE.tick();
        System.out.println(HarbourClock.INSTANCE.ticks());
    }
}

enum Direction {
    NORTH, SOUTH
}
