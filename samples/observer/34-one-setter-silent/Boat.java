import java.util.*;

abstract class Observable {
    private final List<Watcher> ws = new ArrayList<>();

    public void add(Watcher w) {
        ws.add(w);
    }

    public void del(Watcher w) {
        ws.remove(w);
    }

    protected void changed() {
        ws.forEach(w -> w.see(this));
    }
}

interface Watcher {
    void see(Observable o);
}

class Boat extends Observable {
    private int x, y;

    void moveX(int d) {
        x += d;
        changed();
    }

    void moveY(int d) {
        y += d;
    }

    int x() {
        return x;
    }

    int y() {
        return y;
    }
}

class Radar implements Watcher {
    public void see(Observable o) {
        Boat b = (Boat) o;
        System.out.println(b.x() + "," + b.y());
    }
}

class Map1 implements Watcher {
    int n;

    public void see(Observable o) {
        n++;
    }
}
