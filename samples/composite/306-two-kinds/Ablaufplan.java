import java.util.ArrayList;
import java.util.List;

abstract class Arbeit {
    private final String name;
    protected Arbeit(String name) {
        if (name.length() > 20) throw new IllegalArgumentException("Name zu lang");
        this.name = name;
    }
    String name() { return name; }
    abstract int minuten();
    abstract int leute();
}

class Schritt extends Arbeit {
    private final int minuten;
    private final int leute;
    Schritt(String name, int minuten, int leute) {
        super(name);
        if (minuten < 5) throw new IllegalArgumentException("unter fuenf Minuten");
        this.minuten = minuten;
        this.leute = leute;
    }
    int minuten() { return minuten; }
    int leute() { return leute; }
}

abstract class Verbund extends Arbeit {
    protected final List<Arbeit> teile = new ArrayList<>();
    Verbund(String name) { super(name); }
    Verbund plus(Arbeit a) {
        if (a == this) throw new IllegalArgumentException("sich selbst");
        teile.add(a);
        return this;
    }
    boolean minus(Arbeit a) { return teile.remove(a); }
}

class Nacheinander extends Verbund {
    Nacheinander(String name) { super(name); }
    int minuten() { return teile.stream().mapToInt(Arbeit::minuten).sum(); }
    int leute() { return teile.stream().mapToInt(Arbeit::leute).max().orElse(0); }
}

class Gleichzeitig extends Verbund {
    Gleichzeitig(String name) { super(name); }
    int minuten() {
        int laengste = 0;
        for (Arbeit a : teile) laengste = Math.max(laengste, a.minuten());
        return laengste;
    }
    int leute() {
        int alle = 0;
        for (Arbeit a : teile) alle += a.leute();
        return alle;
    }
}

public class Ablaufplan {
    public static void main(String[] args) {
        Verbund docken = new Nacheinander("docken")
            .plus(new Schritt("schleppen", 40, 3))
            .plus(new Gleichzeitig("festmachen").plus(new Schritt("vorn", 10, 2)).plus(new Schritt("achtern", 15, 2)));
        System.out.println(docken.minuten() + " " + docken.leute());
    }
}
