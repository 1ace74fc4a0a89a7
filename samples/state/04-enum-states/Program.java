enum Phase {
    EBB {
        Phase next(int height) { return height < 50 ? SLACK : this; }
        String advice() { return "wait"; }
    },
    SLACK {
        Phase next(int height) { return height > 60 ? FLOOD : this; }
        String advice() { return "go"; }
    },
    FLOOD {
        Phase next(int height) { return height > 300 ? EBB : this; }
        String advice() { return "hurry"; }
    };
    abstract Phase next(int height);
    abstract String advice();
}
class TideClock {
    private Phase phase = Phase.EBB;
    void measured(int height) { phase = phase.next(height); }
    String advice() { return phase.advice(); }
}
