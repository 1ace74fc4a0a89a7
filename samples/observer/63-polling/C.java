class Tank {
    private int liter;

    void fuelle(int l) {
        liter += l;
    }

    int liter() {
        return liter;
    }
}

interface TankBeobachter {
    void pruefe();
}

class Voll implements TankBeobachter {
    Tank t;

    Voll(Tank t) {
        this.t = t;
    }

    public void pruefe() {
        if (t.liter() > 99) System.out.println("voll");
    }
}

class Leer implements TankBeobachter {
    Tank t;

    Leer(Tank t) {
        this.t = t;
    }

    public void pruefe() {
        if (t.liter() < 5) System.out.println("leer");
    }
}

class Schleife {
    void laufe(TankBeobachter[] bs) {
        for (TankBeobachter b : bs) b.pruefe();
    }
}
