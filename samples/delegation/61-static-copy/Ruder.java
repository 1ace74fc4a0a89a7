interface Steuern {
    void links(int g);

    void rechts(int g);

    int kurs();
}

class Ruder implements Steuern {
    int k;

    public void links(int g) {
        k -= g;
    }

    public void rechts(int g) {
        k += g;
    }

    public int kurs() {
        return k;
    }
}

class Autopilot implements Steuern {
    private final Steuern r;

    Autopilot(Steuern r) {
        this.r = r;
    }

    public void links(int g) {
        r.rechts(g);
    }

    public void rechts(int g) {
        r.rechts(g);
    }

    public int kurs() {
        return r.kurs();
    }
}
