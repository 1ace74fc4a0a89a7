class Gate {
    private GateState state = new Closed();
    private int passages;

    void push() {
        state.push(this);
    }

    void coin(int cents) {
        state.coin(this, cents);
    }

    void become(GateState next) {
        state = next;
    }

    void count() {
        passages++;
    }

    int passages() {
        return passages;
    }

    public static void main(String[] args) {
        Gate g = new Gate();
        g.coin(50);
        g.push();
        System.out.println(g.passages());
    }
}
