import java.time.*;

interface Gruss {
    String text();
}

class Morgen implements Gruss {
    public String text() {
        return "Moin";
    }
}

class Abend implements Gruss {
    public String text() {
        return "N'Abend";
    }
}

class Gruesse {
    Gruss um(LocalTime t) {
        return t.getHour() < 14 ? new Morgen() : new Abend();
    }

    Gruss jetzt() {
        return um(LocalTime.now());
    }
}

class Tor {
    String oeffne(LocalTime t) {
        return new Gruesse().um(t).text();
    }
}
