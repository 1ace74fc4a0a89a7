import java.util.ArrayList;
import java.util.List;

interface Lamp {
    void turn(boolean on);
    int watts();
    String place();
}

class QuayLamp implements Lamp {
    private final String place;
    private boolean on;
    QuayLamp(String place) {
        if (!place.matches("quay \\d+")) throw new IllegalArgumentException(place);
        this.place = place;
    }
    public void turn(boolean on) { this.on = on; }
    public int watts() { return on ? 80 : 0; }
    public String place() { return place; }
}

class BuoyLamp implements Lamp {
    private final int number;
    private boolean lit;
    BuoyLamp(int number) { this.number = number; }
    public void turn(boolean on) { lit = on; }
    public int watts() { return lit ? 12 : 1; }
    public String place() { return "buoy " + number; }
}

class NoLamp implements Lamp {
    private int asked;
    public void turn(boolean on) {
        asked++;
        if (asked > 1) {
            System.out.println("there is no lamp here");
        }
    }
    public int watts() { return 0; }
    public String place() { return ""; }
}

class Board {
    private final List<Lamp> lamps = new ArrayList<>();

    void mount(Lamp l) { lamps.add(l); }

    Lamp lamp(int i) { return i < lamps.size() ? lamps.get(i) : new NoLamp(); }

    void night(int i) {
        Lamp l = lamp(i);
        l.turn(true);
        l.turn(true);
    }

    int watts() {
        int sum = 0;
        for (Lamp l : lamps) sum += l.watts();
        return sum;
    }
}

public class Lamps {
    public static void main(String[] args) {
        Board b = new Board();
        b.mount(new QuayLamp("quay 3"));
        b.mount(new BuoyLamp(9));
        b.night(0);
        b.night(1);
        b.night(5);
        System.out.println(b.watts());
    }
}
