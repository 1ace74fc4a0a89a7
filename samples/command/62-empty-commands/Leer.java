interface Befehl {
    void los();
}

class Anker {
    int m;

    void ab() {
        m = 20;
    }

    void auf() {
        m = 0;
    }
}

class AnkerAb implements Befehl {
    public void los() {}
}

class AnkerAuf implements Befehl {
    public void los() {}
}

class Bruecke {
    private final Anker a = new Anker();

    void gib(Befehl b) {
        b.los();
        if (b instanceof AnkerAb) a.ab();
        else a.auf();
    }
}
