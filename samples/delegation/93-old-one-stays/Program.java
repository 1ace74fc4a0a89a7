interface Licht {
    void an(int stufe);

    int stufe();
}

class Lampe implements Licht {
    private int s;

    public void an(int st) {
        s = st;
    }

    public int stufe() {
        return s;
    }
}

class Laterne implements Licht {
    private final int s = 7;

    public void an(int st) {}

    public int stufe() {
        return s;
    }
}

class Schalter implements Licht {
    private static Licht licht;

    Schalter(Licht l) {
        licht = l;
    }

    public void an(int st) {
        licht.an(st);
    }

    public int stufe() {
        return licht.stufe();
    }
}
