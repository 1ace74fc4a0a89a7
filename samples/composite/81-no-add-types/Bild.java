import java.util.*;

interface Zeichen {
    void male();
}

class Linie implements Zeichen {
    public void male() {
        System.out.print("/");
    }
}

class Bogen implements Zeichen {
    public void male() {
        System.out.print(")");
    }
}

class Gruppe {
    private final List<Zeichen> z = new ArrayList<>();

    void dazu(Zeichen x) {
        z.add(x);
    }

    void male() {
        for (Zeichen x : z) x.male();
    }
}

class Blatt {
    private final List<Gruppe> g = new ArrayList<>();

    void dazu(Gruppe x) {
        g.add(x);
    }

    void maleAlles() {
        for (Gruppe x : g) x.male();
    }
}
