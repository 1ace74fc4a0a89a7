import java.util.ArrayList;
import java.util.List;

public class Logbook {
    private static Logbook instance;
    private final List<String> lines = new ArrayList<>();

    protected Logbook() {}

    public static Logbook getInstance() {
        if (instance == null) {
            instance = new Logbook();
        }
        return instance;
    }

    public void write(String line) {
        if (line.isBlank()) throw new IllegalArgumentException("empty line");
        lines.add(line);
    }

    public int size() { return lines.size(); }
}

class NightLogbook extends Logbook {
    @Override
    public void write(String line) { super.write("(night) " + line); }
}

class Watch {
    private final Logbook book;
    Watch(boolean night) { book = night ? new NightLogbook() : Logbook.getInstance(); }
    void note(String s) { book.write(s); }
    int size() { return book.size(); }
}

class Ship {
    public static void main(String[] args) {
        Watch day = new Watch(false);
        Watch night = new Watch(true);
        day.note("cast off");
        night.note("lights abeam");
        System.out.println(day.size() + " " + night.size() + " " + Logbook.getInstance().size());
    }
}
