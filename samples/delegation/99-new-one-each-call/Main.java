interface Oven { int heat(int degrees); int now(); }
class GasOven implements Oven {
    private int t = 20;
    public int heat(int d) { t += d; return t; }
    public int now() { return t; }
}
class TimedOven implements Oven {
    private Oven oven;
    private int minutes;
    TimedOven(Oven oven) { this.oven = oven; }
    public int heat(int d) { minutes++; return new GasOven().heat(d); }
    public int now() { return oven.now(); }
    public static void main(String[] a) {
        TimedOven o = new TimedOven(new GasOven());
        System.out.println(o.heat(100) + " " + o.now());
    }
}
