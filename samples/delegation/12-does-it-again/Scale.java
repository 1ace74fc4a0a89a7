interface Weighing {
    double weigh(double gross);
}

class TruckScale implements Weighing {
    public double weigh(double gross) {
        return gross - 7.5;
    }
}

class OfficeScale implements Weighing {
    private final Weighing scale;

    OfficeScale(Weighing scale) {
        this.scale = scale;
    }

    public double weigh(double gross) {
        return gross - 7.5;
    }
}
