class Office {
    private final Log log;
    private Fee fee;

    Office(Log log, Fee fee) {
        this.log = log;
        this.fee = fee;
    }

    void setFee(Fee f) {
        this.fee = f;
    }

    double bill(double m) {
        log.say("billing");
        double x = fee.of(m);
        log.say("done");
        return x;
    }
}
