interface Signal {
    void gib();
}

class Laut implements Signal {
    public void gib() {
        System.out.println("TUT");
    }
}

class Leise implements Signal {
    public void gib() {
        System.out.println("tut");
    }
}

class Signale {
    Signal fuer(int dB) {
        switch (dB) {
            case 120:
                return new Laut();
            case 60:
                return new Leise();
        }
        return null;
    }
}

class Nebel {
    void warne() {
        new Signale().fuer(120).gib();
    }
}
