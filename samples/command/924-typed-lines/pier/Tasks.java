package pier;

final class Opening implements Task {
    private final Depot depot;
    private final Place place;

    Opening(Depot depot, Place place) {
        this.depot = depot;
        this.place = place;
    }

    public void carryOut() { depot.open(place); }

    public Task opposite() { return new Closing(depot, place); }

    public String words() { return place + " is opened"; }
}

final class Closing implements Task {
    private final Depot depot;
    private final Place place;

    Closing(Depot depot, Place place) {
        this.depot = depot;
        this.place = place;
    }

    public void carryOut() { depot.close(place); }

    public Task opposite() { return new Opening(depot, place); }

    public String words() { return place + " is closed"; }
}

final class Putting implements Task {
    private final Depot depot;
    private final Place place;
    private final int number;

    Putting(Depot depot, Place place, int number) {
        if (number % 5 != 0) throw new RefusedException("only whole pallets of 5: " + number);
        this.depot = depot;
        this.place = place;
        this.number = number;
    }

    public void carryOut() { depot.put(place, number); }

    public Task opposite() { return new Putting(depot, place, -number); }

    public String words() { return number + " more at " + place; }
}
