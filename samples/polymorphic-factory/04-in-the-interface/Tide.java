sealed interface Rate permits HourRate, DayRate, WeekRate {
    double of(int hours);

    static Rate forStay(int hours) {
        if (hours < 24) {
            return new HourRate(2.5);
        }
        if (hours < 24 * 7) {
            return new DayRate(30);
        }
        return new WeekRate();
    }
}

record HourRate(double euros) implements Rate {
    public double of(int hours) {
        return euros * hours;
    }
}

record DayRate(double euros) implements Rate {
    public double of(int hours) {
        return euros * (hours / 24 + 1);
    }
}

record WeekRate() implements Rate {
    public double of(int hours) {
        return 180.0 * (hours / 168 + 1);
    }
}

class Stay {
    private final int hours;

    Stay(int hours) {
        this.hours = hours;
    }

    double price() {
        return Rate.forStay(hours).of(hours);
    }
}
