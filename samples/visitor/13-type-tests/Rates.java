interface Cargo {
    double accept(RateVisitor v);
}

class Grain implements Cargo {
    double tons = 30;

    public double accept(RateVisitor v) {
        return v.visit(this);
    }
}

class Oil implements Cargo {
    double barrels = 200;

    public double accept(RateVisitor v) {
        return v.visit(this);
    }
}

interface RateVisitor {
    double visit(Cargo c);
}

class Insurance implements RateVisitor {
    public double visit(Cargo c) {
        if (c instanceof Grain) {
            return ((Grain) c).tons * 2;
        }
        if (c instanceof Oil) {
            return ((Oil) c).barrels * 0.7;
        }
        return 0;
    }
}
