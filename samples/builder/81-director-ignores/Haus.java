class Haus {
    String wand = "";
    String dach = "";
}

interface HausBauer {
    void wand();

    void dach();

    Haus haus();
}

class Holz implements HausBauer {
    private Haus h = new Haus();

    public void wand() {
        h.wand = "Holz";
    }

    public void dach() {
        h.dach = "Reet";
    }

    public Haus haus() {
        return h;
    }
}

class Stein implements HausBauer {
    private Haus h = new Haus();

    public void wand() {
        h.wand = "Stein";
    }

    public void dach() {
        h.dach = "Ziegel";
    }

    public Haus haus() {
        return h;
    }
}

class Polier {
    Haus bau(HausBauer b) {
        b.wand();
        b.dach();
        return b.haus();
    }
}
