interface GateState { void push(Gate g); }
class Open implements GateState { public void push(Gate g) { g.become(new Closed(), 0); } }
class Closed implements GateState { public void push(Gate g) { g.become(new Open(), 1); } }
class Gate {
    private GateState state = new Closed();
    private int mode;
    private int passages;
    void become(GateState next, int mode) { state = next; this.mode = mode; }
    int push(int people) {
        switch (mode) {
            case 0: return passages + people * 2;
            case 1: return passages + people - 1;
            default:
                state.push(this);
                return passages;
        }
    }
}
