interface Leitung {
    boolean rufe(String nr);
}

class Kabel implements Leitung {
    private boolean kaputt;

    public boolean rufe(String nr) {
        return !kaputt && nr.length() > 3;
    }
}

class Funk implements Leitung {
    private int kanal = 16;

    public boolean rufe(String nr) {
        return kanal == 16;
    }
}

class Notruf implements Leitung {
    private final Leitung erste;
    private final Leitung zweite;

    Notruf(Leitung a, Leitung b) {
        erste = a;
        zweite = b;
    }

    public boolean rufe(String nr) {
        return erste.rufe(nr) || zweite.rufe(nr);
    }
}
