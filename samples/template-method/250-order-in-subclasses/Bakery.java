import java.util.ArrayList;
import java.util.List;

abstract class Loaf {
    protected final List<String> done = new ArrayList<>();
    private final int grams;

    Loaf(int grams) {
        if (grams < 100 || grams > 4000) throw new IllegalArgumentException("grams: " + grams);
        this.grams = grams;
    }

    abstract List<String> bake();

    protected abstract void knead();
    protected abstract void rest();

    protected void oven() { done.add("oven " + grams / 20 + " min"); }
}

class Rye extends Loaf {
    Rye(int g) { super(g); }
    List<String> bake() {
        knead();
        rest();
        oven();
        return done;
    }
    protected void knead() { done.add("knead long"); }
    protected void rest() { done.add("rest a night"); }
}

class Roll extends Loaf {
    Roll(int g) { super(g); }
    List<String> bake() {
        knead();
        rest();
        oven();
        return done;
    }
    protected void knead() { done.add("knead"); }
    protected void rest() { done.add("rest an hour"); }
}

public class Bakery {
    public static void main(String[] args) {
        System.out.println(new Rye(1500).bake());
        System.out.println(new Roll(120).bake());
    }
}
