interface Ware {
    double steuer();

    void accept(WarenVisitor v);
}

class Buch implements Ware {
    double preis = 20;

    public double steuer() {
        return preis * 0.07;
    }

    public void accept(WarenVisitor v) {
        v.visit(this);
    }
}

class Wein implements Ware {
    double preis = 9;

    public double steuer() {
        return preis * 0.19 + 1;
    }

    public void accept(WarenVisitor v) {
        v.visit(this);
    }
}

interface WarenVisitor {
    void visit(Buch b);

    void visit(Wein w);
}

class Steuer implements WarenVisitor {
    double summe;

    public void visit(Buch b) {
        summe = summe + b.steuer();
    }

    public void visit(Wein w) {
        summe = summe + w.steuer();
    }

    double summe() {
        return summe;
    }
}
