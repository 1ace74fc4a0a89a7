interface Stop {
    void accept(StopVisitor v);
}

class BusStop implements Stop {
    String line = "4";

    public void accept(StopVisitor v) {
        v.visit(new BusStop());
    }
}

class FerryStop implements Stop {
    int pier = 2;

    public void accept(StopVisitor v) {
        v.visit(this);
    }
}

interface StopVisitor {
    void visit(BusStop b);

    void visit(FerryStop f);
}

class Timetable implements StopVisitor {
    StringBuilder out = new StringBuilder();

    public void visit(BusStop b) {
        out.append("bus ").append(b.line);
    }

    public void visit(FerryStop f) {
        out.append("ferry ").append(f.pier);
    }
}
