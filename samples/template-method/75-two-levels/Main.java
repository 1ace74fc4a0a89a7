abstract class Patrol {
    void round() {
        start();
        int found = look();
        if (found > 0) report(found);
        end();
    }
    void start() { System.out.println("off we go"); }
    abstract int look();
    abstract void report(int found);
    void end() { System.out.println("home again"); }
}
abstract class BoatPatrol extends Patrol {
    protected int fuel = 50;
    @Override void start() { super.start(); fuel -= 5; }
    @Override void end() { fuel -= 5; super.end(); }
    @Override void report(int found) { System.out.println(call() + ": " + found); }
    abstract String call();
}
class SealPatrol extends BoatPatrol {
    @Override int look() { fuel -= 10; return 4; }
    @Override String call() { return "seals"; }
}
class BuoyPatrol extends BoatPatrol {
    @Override int look() { return fuel > 20 ? 1 : 0; }
    @Override String call() { return "adrift"; }
}
class FootPatrol extends Patrol {
    @Override int look() { return 2; }
    @Override void report(int found) { System.out.println(found + " bottles"); }
}
class Rounds {
    public static void main(String[] a) { for (Patrol p : new Patrol[] {new SealPatrol(), new BuoyPatrol(), new FootPatrol()}) p.round(); }
}
