import java.util.HashMap;
import java.util.Map;

@FunctionalInterface
interface Alarm {
    Alarm NONE = level -> {};

    void raise(int level);
}

class Bell implements Alarm {
    private int rung;

    public void raise(int level) {
        rung += level;
        System.out.println("ding".repeat(level));
    }
}

class Watchman {
    private final Map<Integer, Alarm> alarms = new HashMap<>();

    void equip(int pier, Alarm a) {
        alarms.put(pier, a);
    }

    void warn(int pier) {
        alarms.getOrDefault(pier, Alarm.NONE).raise(2);
    }
}
