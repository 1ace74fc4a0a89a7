interface Member {
    int pay(int hours);
}

class Deckhand implements Member {
    public int pay(int hours) {
        return hours * 15;
    }
}

class Officer implements Member {
    public int pay(int hours) {
        return 2000 + hours;
    }
}

class CrewFactory {
    Member hire(String rank) {
        return rank.equals("officer") ? new Officer() : new Deckhand();
    }
}

class Payroll {
    private final CrewFactory factory = new CrewFactory();

    String line(String rank, int hours) {
        Member m = factory.hire(rank);
        if (m instanceof Officer) {
            return "officer: " + m.pay(hours);
        }
        return "hand: " + m.pay(hours);
    }
}
