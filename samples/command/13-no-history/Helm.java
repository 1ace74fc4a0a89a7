interface Manoeuvre {
    void carryOut();

    void undo();
}

class Rudder {
    private int angle;

    void turn(int by) {
        angle += by;
    }
}

class Port implements Manoeuvre {
    private final Rudder rudder;

    Port(Rudder rudder) {
        this.rudder = rudder;
    }

    public void carryOut() {
        rudder.turn(-10);
    }

    public void undo() {
        rudder.turn(10);
    }
}

class Starboard implements Manoeuvre {
    private final Rudder rudder;

    Starboard(Rudder rudder) {
        this.rudder = rudder;
    }

    public void carryOut() {
        rudder.turn(10);
    }

    public void undo() {
        rudder.turn(-10);
    }
}

class Helmsman {
    void order(Manoeuvre m) {
        m.carryOut();
    }
}
