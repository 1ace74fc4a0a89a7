import java.util.ArrayList;
import java.util.List;

abstract class Inspection {
    private final List<String> notes = new ArrayList<>();

    public final List<String> inspect(Hull hull) {
        notes.clear();
        open(hull);
        look(hull);
        close(hull);
        return List.copyOf(notes);
    }

    protected void open(Hull hull) { note("open " + hull.number()); }

    protected void look(Hull hull) { note("look"); }

    protected abstract void close(Hull hull);

    protected final void note(String text) { notes.add(text); }
}

class Hull {
    private final String number;
    Hull(String number) {
        if (!number.matches("H\\d{5}")) throw new IllegalArgumentException("hull: " + number);
        this.number = number;
    }
    String number() { return number; }
}

class SteelHull extends Hull {
    SteelHull(String number) { super(number); }
}

class RustInspection extends Inspection {
    protected void look(SteelHull hull) { note("rust on " + hull.number()); }
    @Override protected void close(Hull hull) { note("paint"); }
}

class RigInspection extends Inspection {
    @Override protected void look(Hull hull) { note("ropes of " + hull.number()); }
    @Override protected void close(Hull hull) { note("oil"); }
}

public class Inspections {
    public static void main(String[] args) {
        System.out.println(new RustInspection().inspect(new SteelHull("H00420")));
        System.out.println(new RigInspection().inspect(new Hull("H00007")));
    }
}
