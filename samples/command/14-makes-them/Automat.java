interface Auftrag {
    void erledige();
}

class Drucker {
    private int blatt;

    void drucke() {
        blatt++;
    }

    void stanze() {
        blatt += 2;
    }
}

class FahrscheinDrucken implements Auftrag {
    private final Drucker d;

    FahrscheinDrucken(Drucker d) {
        this.d = d;
    }

    public void erledige() {
        d.drucke();
    }
}

class FahrscheinStanzen implements Auftrag {
    private final Drucker d;

    FahrscheinStanzen(Drucker d) {
        this.d = d;
    }

    public void erledige() {
        d.stanze();
    }
}

class Automat {
    private final Auftrag drucken;
    private final Auftrag stanzen;

    Automat() {
        Drucker drucker = new Drucker();
        drucken = new FahrscheinDrucken(drucker);
        stanzen = new FahrscheinStanzen(drucker);
    }

    void links() {
        drucken.erledige();
    }

    void rechts() {
        stanzen.erledige();
    }
}
