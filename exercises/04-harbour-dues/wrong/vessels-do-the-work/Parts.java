interface MachinePart {
    void accept(PartVisitor v);

    double cost();
}

class Screw implements MachinePart {
    double blades = 4;

    public double cost() {
        return blades * 250 + 80;
    }

    public void accept(PartVisitor v) {
        v.visit(this);
    }
}

class Shaft implements MachinePart {
    double length = 6.5;

    public double cost() {
        return length * 120;
    }

    public void accept(PartVisitor v) {
        v.visit(this);
    }
}

interface PartVisitor {
    void visit(Screw s);

    void visit(Shaft s);
}

class CostVisitor implements PartVisitor {
    private double sum;

    public void visit(Screw s) {
        sum += s.cost();
    }

    public void visit(Shaft s) {
        sum += s.cost();
    }
}
