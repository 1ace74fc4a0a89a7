import java.util.function.Supplier;

interface Boje {
    String licht();
}

class Rot implements Boje {
    public String licht() {
        return "Fl.R." + 4;
    }
}

class Gruen implements Boje {
    public String licht() {
        return "Fl.G." + 3;
    }
}

enum Bojenart {
    BACKBORD(Rot::new),
    STEUERBORD(Gruen::new);
    private final Supplier<Boje> bau;

    Bojenart(Supplier<Boje> bau) {
        this.bau = bau;
    }

    Boje neu() {
        return bau.get();
    }
}

class Leger {
    String lege(Bojenart a) {
        return a.neu().licht();
    }
}
