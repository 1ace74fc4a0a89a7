interface Tug {
    void pull(String ship);

    void release();
}

class RealTug implements Tug {
    private String towed = "";

    public void pull(String ship) {
        towed = ship;
    }

    public void release() {
        towed = "";
    }
}

class NullTug implements Tug {
    public void pull(String ship) {
        throw new UnsupportedOperationException("no tug");
    }

    public void release() {
        throw new UnsupportedOperationException("no tug");
    }
}

class Port {
    private Tug tug = new NullTug();

    void hire(Tug t) {
        tug = t;
    }

    void leave(String ship) {
        tug.pull(ship);
        tug.release();
    }
}
