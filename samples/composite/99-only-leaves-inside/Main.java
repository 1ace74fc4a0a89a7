import java.util.*;
abstract class Load { abstract double tons(); }
class Box extends Load { private final double t; Box(double t) { this.t = t; } double tons() { return t; } }
class Net extends Load { double tons() { return 0.4; } }
class Hold extends Load {
    private final List<Load> in = new ArrayList<>();
    void stow(Load l) { in.add(l); }
    void clear(Load l) { in.remove(l); }
    double tons() {
        double sum = 0;
        for (Load l : in) {
            if (l instanceof Box) sum += l.tons();
        }
        return sum;
    }
    public static void main(String[] a) {
        Hold h = new Hold(); Hold k = new Hold();
        k.stow(new Box(3)); h.stow(k); h.stow(new Net());
        System.out.println(h.tons());
    }
}
