import java.time.*;

record Ticket(String from, String to, LocalDate day, int people, boolean bike) {}

class TicketOffice {
    private String from = "Nordhafen", to;
    private LocalDate day = LocalDate.of(2026, 5, 4);
    private int people = 1;
    private boolean bike;

    TicketOffice from(String f) {
        from = f;
        return this;
    }

    TicketOffice to(String t) {
        to = t;
        return this;
    }

    TicketOffice on(LocalDate d) {
        day = d;
        return this;
    }

    TicketOffice people(int n) {
        people = Math.max(1, Math.min(9, n));
        return this;
    }

    TicketOffice withBike() {
        bike = true;
        return this;
    }

    Ticket sell() {
        if (to == null || to.isBlank()) throw new IllegalStateException("where to?");
        return new Ticket(from, to, day, people, bike);
    }
}
