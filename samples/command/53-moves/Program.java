import java.util.*;

interface Zug {
    void mache();

    void nimmZurueck();
}

class Boot {
    int x, y;

    void fahre(int dx, int dy) {
        x += dx;
        y += dy;
    }
}

class Fahrt implements Zug {
    private final Boot b;
    private final int dx, dy;

    Fahrt(Boot b, int dx, int dy) {
        this.b = b;
        this.dx = dx;
        this.dy = dy;
    }

    public void mache() {
        b.fahre(dx, dy);
    }

    public void nimmZurueck() {
        b.fahre(-dx, -dy);
    }
}

class Sprung implements Zug {
    private final Boot b;
    private int altX, altY;
    private final int x, y;

    Sprung(Boot b, int x, int y) {
        this.b = b;
        this.x = x;
        this.y = y;
    }

    public void mache() {
        altX = b.x;
        altY = b.y;
        b.x = x;
        b.y = y;
    }

    public void nimmZurueck() {
        b.x = altX;
        b.y = altY;
    }
}

class Steuer {
    private final Stack<Zug> zuege = new Stack<>();
    private final Stack<Zug> wieder = new Stack<>();

    void spiele(Zug z) {
        z.mache();
        zuege.push(z);
        wieder.clear();
    }

    boolean zurueck() {
        if (zuege.isEmpty()) return false;
        Zug z = zuege.pop();
        z.nimmZurueck();
        wieder.push(z);
        return true;
    }

    void nochmal() {
        if (!wieder.isEmpty()) {
            Zug z = wieder.pop();
            z.mache();
            zuege.push(z);
        }
    }
}
