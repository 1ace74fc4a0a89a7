interface Part {
    void accept(PartVisitor v);
}

interface PartVisitor {
    void visitHull(Hull h);

    void visitMast(Mast m);
}

class Hull implements Part {
    private boolean seen = true;

    public void accept(PartVisitor v) {
        if (!seen) {
            v.visitHull(this);
        }
        seen = true;
    }
}

class Mast implements Part {
    public void accept(PartVisitor v) {
        v.visitMast(this);
    }
}

class Price implements PartVisitor {
    double sum;

    public void visitHull(Hull h) {
        sum += 900;
    }

    public void visitMast(Mast m) {
        sum += 200;
    }
}

class Names implements PartVisitor {
    String all = "";

    public void visitHull(Hull h) {
        all += "hull ";
    }

    public void visitMast(Mast m) {
        all += "mast ";
    }
}
