abstract class Building {
    abstract void accept(Visitor v);
}

class Shed extends Building {
    int doors = 1;

    void accept(Visitor v) {
        v.visit(this);
    }
}

class ColdStore extends Shed {
    int degrees = -18;
}

class Office extends Building {
    int desks = 12;

    void accept(Visitor v) {
        v.visit(this);
    }
}

interface Visitor {
    void visit(Shed s);

    void visit(ColdStore c);

    void visit(Office o);
}

class EnergyCheck implements Visitor {
    double kwh;

    public void visit(Shed s) {
        kwh += 100 * s.doors;
    }

    public void visit(ColdStore c) {
        kwh += 1000 - c.degrees;
    }

    public void visit(Office o) {
        kwh += o.desks * 50;
    }
}
