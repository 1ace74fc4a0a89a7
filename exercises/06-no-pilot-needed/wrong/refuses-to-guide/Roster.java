package pilots;

import java.util.HashMap;
import java.util.Map;

public class Roster {
    private final Map<String, Pilot> onDuty = new HashMap<>();
    private final Pilot none = new NoPilot();

    public void assign(String pier, Pilot pilot) {
        onDuty.put(pier, pilot);
    }

    public Pilot at(String pier) {
        return onDuty.getOrDefault(pier, none);
    }
}
