class PerMetre implements FeeRule {
    public double fee(double length) {
        return length * 2;
    }
}

class Flat implements FeeRule {
    public double fee(double length) {
        return 20;
    }
}
