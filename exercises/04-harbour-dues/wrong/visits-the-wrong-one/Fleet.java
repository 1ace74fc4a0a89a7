interface Boat {
    void accept(BoatVisitor v);
}

class Trawler implements Boat {
    int nets = 2;

    public void accept(BoatVisitor v) {
        v.visitBoat(this);
    }
}

class Pilot implements Boat {
    int crew = 3;

    public void accept(BoatVisitor v) {
        v.visitBoat(this);
    }
}

class Rescue implements Boat {
    int beds = 4;

    public void accept(BoatVisitor v) {
        v.visitRescue(this);
    }
}

interface BoatVisitor {
    void visitBoat(Boat b);

    void visitPilot(Pilot p);

    void visitRescue(Rescue r);
}

class Census implements BoatVisitor {
    int people;

    public void visitBoat(Boat b) {
        people += 5;
    }

    public void visitPilot(Pilot p) {
        people += p.crew;
    }

    public void visitRescue(Rescue r) {
        people += r.beds;
    }
}
