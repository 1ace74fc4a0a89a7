import java.time.LocalTime;
import java.util.*;
record Trip(String from, String to, LocalTime at, Set<String> days, Optional<String> note) {
    Trip { days = Collections.unmodifiableSet(new TreeSet<>(days)); }
    static TripMaker leaving(String from) { return new TripMaker().from(from); }
    TripMaker like() { TripMaker m = new TripMaker().from(from).to(to).at(at.getHour(), at.getMinute()); days.forEach(m::on); note.ifPresent(m::note); return m; }
}
class TripMaker {
    private String from, to = "anywhere", note;
    private LocalTime at = LocalTime.NOON;
    private final Set<String> days = new HashSet<>();
    TripMaker from(String s) { from = s; return this; }
    TripMaker to(String s) { to = s; return this; }
    TripMaker at(int hour, int minute) { at = LocalTime.of(Math.floorMod(hour, 24), Math.floorMod(minute, 60)); return this; }
    TripMaker on(String day) { days.add(day); return this; }
    TripMaker note(String n) { note = n; return this; }
    Trip make() {
        if (from == null) throw new IllegalStateException("from where?");
        return new Trip(from, to, at, days, Optional.ofNullable(note));
    }
}
class Timetables {
    public static void main(String[] a) {
        Trip t = Trip.leaving("Mole").to("Insel").at(9, 30).on("Mon").on("Fri").make();
        System.out.println(t + " " + t.like().note("late").make());
    }
}
