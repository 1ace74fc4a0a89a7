import java.util.ArrayList;
import java.util.List;
interface FogListener { void fog(boolean dense); }
class FogHorn {
    private final List<FogListener> who = new ArrayList<>();
    private boolean dense;
    void listen(FogListener l) { who.add(l); }
    void leave(FogListener l) { who.remove(l); }
    void setDense(boolean dense) {
        this.dense = dense;
        for (FogListener l : who) {
            l.fog(dense);
        }
        who.clear();
    }
    boolean isDense() { return dense; }
}
class Ferry implements FogListener { int speed = 12; public void fog(boolean d) { speed = d ? 4 : 12; } }
class Angler implements FogListener { boolean home; public void fog(boolean d) { home = d; } }
class Coast {
    public static void main(String[] args) {
        FogHorn h = new FogHorn(); Ferry f = new Ferry();
        h.listen(f); h.listen(new Angler());
        h.setDense(true);
        System.out.println(f.speed);
    }
}
