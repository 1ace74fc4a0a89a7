interface GateState {
    void push(Gate gate);

    void coin(Gate gate, int cents);
}
