interface GateState { int toll(int people); }
class Day implements GateState { public int toll(int people) { return people * 2; } }
class Night implements GateState { public int toll(int people) { return people * 3; } }
class Gate {
    private GateState state = new Day();
    private boolean dark;
    void dusk() { dark = true; state = new Night(); }
    void dawn() { dark = false; state = new Day(); }
    int pass(int people) { return dark ? people * 3 : people * 2; }
}
