import java.util.*;

interface Pump { int pump(int seconds); boolean blocked(); }
class HandPump implements Pump { private int strokes; public int pump(int s) { strokes += s; return s * 2; } public boolean blocked() { return strokes > 100; } }
class MotorPump implements Pump { private int litres; public int pump(int s) { litres += s * 30; return s * 30; } public boolean blocked() { return false; } }
class Bilge implements Pump {
    private final Pump pump; private int total;
    Bilge(Pump p) { pump = p; }
    public int pump(int seconds) { if (pump.pump(seconds) > 0) { total += pump.pump(seconds); } return total; }
    public boolean blocked() { return pump.blocked(); }
    public static void main(String[] a) { Bilge b = new Bilge(new MotorPump()); System.out.println(b.pump(2) + " " + b.blocked()); }
}
