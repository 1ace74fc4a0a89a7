import java.util.*;
import java.util.logging.Level;
interface Log { void note(Level level, String text); boolean isOn(Level level); Log child(String name); String name(); }
class MemoryLog implements Log {
    final List<String> lines; private final String name; private final Level from;
    MemoryLog(String name, Level from) { this(name, from, new ArrayList<>()); }
    private MemoryLog(String name, Level from, List<String> lines) { this.name = name; this.from = from; this.lines = lines; }
    public void note(Level level, String text) { if (isOn(level)) lines.add(name + ": " + text); }
    public boolean isOn(Level level) { return level.intValue() >= from.intValue(); }
    public Log child(String n) { return new MemoryLog(name + "." + n, from, lines); }
    public String name() { return name; }
}
class SilentLog implements Log {
    public void note(Level level, String text) {}
    public boolean isOn(Level level) { return false; }
    public Log child(String n) { return this; }
    public String name() { return "silent"; }
}
class Logs {
    private final Map<String, Log> logs = new HashMap<>();
    private static final Log NONE = new SilentLog();
    void add(Log l) { logs.put(l.name(), l); }
    Log of(String name) { return logs.getOrDefault(name, NONE); }
}
class Radar {
    private final Log log;
    Radar(Logs logs) { log = logs.of("radar"); }
    int sweep(int degrees) {
        log.child("sweep").note(Level.FINE, "turning " + degrees);
        if (degrees > 360) log.note(Level.WARNING, "more than once round");
        return degrees % 360;
    }
    public static void main(String[] a) {
        Logs l = new Logs();
        System.out.println(new Radar(l).sweep(400));
        MemoryLog m = new MemoryLog("radar", Level.INFO); l.add(m);
        new Radar(l).sweep(400); System.out.println(m.lines);
    }
}
