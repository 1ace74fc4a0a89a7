import java.util.*;

abstract class Voyage {
    final List<String> log = new ArrayList<>();
    public void sail(String to) { castOff(); steer(to); moor(); }
    protected abstract void castOff();
    protected abstract void steer(String to);
    protected void moor() { log.add("moored"); }
}
class Ferry extends Voyage {
    protected void castOff() { log.add("gates closed"); }
    protected void steer(String to) { log.add("to " + to); }
}
class Cutter extends Voyage {
    @Override public void sail(String to) { steer(to); log.add("nets out"); castOff(); }
    protected void castOff() { log.add("ropes in"); }
    protected void steer(String to) { log.add("fishing off " + to); }
}
class Trip { public static void main(String[] a) { Voyage v = new Cutter(); v.sail("the banks"); System.out.println(v.log); } }
