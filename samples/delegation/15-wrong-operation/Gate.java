interface Gate {
    void open();

    void close();

    boolean isOpen();
}

class IronGate implements Gate {
    private boolean open;

    public void open() {
        open = true;
    }

    public void close() {
        open = false;
    }

    public boolean isOpen() {
        return open;
    }
}

class LockGate implements Gate {
    private final Gate gate;

    LockGate(Gate gate) {
        this.gate = gate;
    }

    public void open() {
        gate.close();
    }

    public void close() {
        gate.open();
    }

    public boolean isOpen() {
        return gate.isOpen();
    }
}
