class Closed implements GateState {
    @Override
    public void push(Gate gate) {
        // stays shut
    }

    @Override
    public void coin(Gate gate, int cents) {
        if (cents >= 50) {
            gate.become(new Open());
        }
    }
}
