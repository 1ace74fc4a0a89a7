abstract class Fig {
    void accept(FigVisitor v) {
        v.visit(this);
    }
}

class Circle extends Fig {
    double r = 1;
}

class Rect extends Fig {
    double a = 1, b = 2;
}

interface FigVisitor {
    void visit(Fig f);

    void visit(Circle c);

    void visit(Rect r);
}

class Area implements FigVisitor {
    double sum;

    public void visit(Fig f) {}

    public void visit(Circle c) {
        sum += 3.14 * c.r;
    }

    public void visit(Rect r) {
        sum += r.a * r.b;
    }
}
