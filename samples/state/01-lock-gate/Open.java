class Open implements GateState {
    @Override
    public void push(Gate gate) {
        gate.count();
        gate.become(new Closed());
    }

    @Override
    public void coin(Gate gate, int cents) {
        // keeps the coin
    }
}
