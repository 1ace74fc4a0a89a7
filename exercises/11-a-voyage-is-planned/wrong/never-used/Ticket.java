class Ticket {
    private final String name;
    private final int zone;

    Ticket(String name, int zone) {
        this.name = name;
        this.zone = zone;
    }

    String print() {
        return name + " " + zone;
    }
}

class TicketBuilder {
    private String name;
    private int zone;

    TicketBuilder name(String n) {
        name = n;
        return this;
    }

    TicketBuilder zone(int z) {
        zone = z;
        return this;
    }

    Ticket build() {
        return new Ticket(name, zone);
    }
}

class Counter {
    Ticket sell(String name) {
        return new Ticket(name, 3);
    }
}
