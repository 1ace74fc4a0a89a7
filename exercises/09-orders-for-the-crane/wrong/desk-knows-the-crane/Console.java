interface Command {
    void execute();
}

class Gate {
    private boolean open;

    void open() {
        open = true;
    }

    void close() {
        open = false;
    }
}

class OpenGate implements Command {
    private final Gate gate;

    OpenGate(Gate gate) {
        this.gate = gate;
    }

    public void execute() {
        gate.open();
    }
}

class CloseGate implements Command {
    private final Gate gate;

    CloseGate(Gate gate) {
        this.gate = gate;
    }

    public void execute() {
        gate.close();
    }
}

class Console {
    private final Gate gate;
    private Command current;

    Console(Gate gate) {
        this.gate = gate;
    }

    void select(Command c) {
        current = c;
    }

    void go() {
        current.execute();
    }

    void emergency() {
        gate.close();
    }
}
