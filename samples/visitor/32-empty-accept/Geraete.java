interface Geraet {
    void accept(GeraetVisitor v);
}

class Pumpe implements Geraet {
    int bar = 3;

    public void accept(GeraetVisitor v) {
        v.visit(this);
    }
}

class Filter implements Geraet {
    int mesh = 200;

    public void accept(GeraetVisitor v) {}
}

interface GeraetVisitor {
    void visit(Pumpe p);

    void visit(Filter f);
}

class Wartung implements GeraetVisitor {
    int min;

    public void visit(Pumpe p) {
        min += p.bar * 10;
    }

    public void visit(Filter f) {
        min += f.mesh / 20;
    }
}
