import java.util.ArrayList;
import java.util.List;

abstract class Dive {
    private final List<String> log = new ArrayList<>();
    private boolean checked;

    public final List<String> dive(int metres) {
        if (metres < 1 || metres > 60) throw new IllegalArgumentException("depth " + metres);
        prepare();
        if (!checked) throw new IllegalStateException("nobody has checked the air");
        goDown(metres);
        work();
        comeUp(metres);
        return log;
    }

    protected void prepare() {
        checked = true;
        note("air checked");
    }

    protected void goDown(int metres) { note("down to " + metres); }
    protected abstract void work();
    protected void comeUp(int metres) { note("up in " + metres / 10 + " steps"); }

    protected final void note(String s) { log.add(s); }
}

class HullDive extends Dive {
    @Override protected void work() { note("scrape"); }
}

class NightDive extends Dive {
    @Override protected void prepare() { note("lamp lit"); }
    @Override protected void work() { note("look around"); }
}

public class Dives {
    public static void main(String[] args) {
        System.out.println(new HullDive().dive(12));
        try {
            System.out.println(new NightDive().dive(8));
        } catch (IllegalStateException e) {
            System.out.println(e.getMessage());
        }
    }
}
