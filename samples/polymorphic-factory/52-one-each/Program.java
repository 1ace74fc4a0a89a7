interface Alarm {
    String signal(int level);
}

class Quiet implements Alarm {
    public String signal(int l) {
        return "blink";
    }
}

class Loud implements Alarm {
    public String signal(int l) {
        return "horn x" + l;
    }
}

class Night implements Alarm {
    public String signal(int l) {
        return l > 3 ? "horn" : "lamp";
    }
}

final class Alarms {
    private Alarms() {}

    static Alarm at(int hour, boolean sunday) {
        if (hour < 0 || hour > 23) throw new IllegalArgumentException("hour " + hour);
        if (sunday) return new Quiet();
        return hour >= 22 || hour < 6 ? new Night() : new Loud();
    }
}

class Watch {
    String wake(int hour) {
        return Alarms.at(hour, false).signal(2);
    }
}
