import java.util.*;
interface Arbeit { String beginne(String was); int dauer(int stueck); default boolean kann(String was) { return true; } }
class Loeschen implements Arbeit {
    public String beginne(String was) { return was + " geht von Bord"; }
    public int dauer(int stueck) { return stueck * 3; }
}
class Laden implements Arbeit {
    private final int leute;
    Laden(int leute) { this.leute = leute; }
    public String beginne(String was) { return was + " kommt an Bord"; }
    public int dauer(int stueck) { return stueck * 6 / leute; }
    @Override public boolean kann(String was) { return !was.isEmpty(); }
}
class Schauermann implements Arbeit {
    private final String name; private Arbeit jetzt;
    Schauermann(String name, Arbeit arbeit) { this.name = name; jetzt = Objects.requireNonNull(arbeit); }
    void wechsle(Arbeit arbeit) { jetzt = arbeit; }
    @Override public String beginne(String was) { return name + ": " + jetzt.beginne(was); }
    @Override public int dauer(int stueck) { return jetzt.dauer(stueck); }
    @Override public boolean kann(String was) { return jetzt.kann(was); }
}
class Schuppen {
    public static void main(String[] args) {
        Schauermann s = new Schauermann("Hein", new Loeschen());
        System.out.println(s.beginne("Tee") + s.dauer(4));
        s.wechsle(new Laden(2));
        System.out.println(s.beginne("Tau") + s.dauer(4));
    }
}
