abstract class Regatta {
    protected int legs;
    private String winner = "nobody";
    public final String sail(int legs) {
        this.legs = legs;
        prepare();
        for (int i = 1; i <= legs; i++) {
            leg(i);
            if (abandoned()) {
                return "abandoned in leg " + i;
            }
        }
        winner = judge();
        celebrate(winner);
        return winner;
    }
    protected void prepare() {}
    protected abstract void leg(int number);
    protected boolean abandoned() { return false; }
    protected abstract String judge();
    protected void celebrate(String name) { System.out.println("Hurray for " + name); }
    public String winner() { return winner; }
}
class Opti extends Regatta {
    private int points;
    @Override protected void prepare() { points = 0; }
    @Override protected void leg(int number) { points += number * 2; }
    @Override protected String judge() { return points > 5 ? "Frida" : "Ole"; }
}
class Storm extends Regatta {
    private int wind = 3;
    @Override protected void leg(int number) { wind += 2; }
    @Override protected boolean abandoned() { return wind > 8; }
    @Override protected String judge() { return "Sturmvogel"; }
    @Override protected void celebrate(String name) {}
}
class Committee {
    public static void main(String[] args) {
        for (Regatta r : new Regatta[] {new Opti(), new Storm()}) System.out.println(r.sail(3));
    }
}
