interface Knopf {
    void druecken();
}

class Hupe {
    void hupe() {
        System.out.println("huup");
    }
}

class HupKnopf implements Knopf {
    Hupe h = new Hupe();

    public void druecken() {
        h.hupe();
    }
}

class LichtKnopf implements Knopf {
    boolean an;

    public void druecken() {
        an = !an;
    }
}

class Cockpit {
    private final HupKnopf hup = new HupKnopf();
    private final LichtKnopf licht = new LichtKnopf();

    void taste(char c) {
        if (c == 'h') hup.druecken();
        if (c == 'l') licht.druecken();
    }
}
