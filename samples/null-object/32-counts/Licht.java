interface Licht {
    void an();

    int watt();
}

class Lampe implements Licht {
    boolean an;

    public void an() {
        an = true;
    }

    public int watt() {
        return an ? 60 : 0;
    }
}

class KeinLicht implements Licht {
    static int versuche = 0;

    public void an() {
        versuche++;
    }

    public int watt() {
        return 0;
    }
}

class Haus {
    Licht l = new KeinLicht();

    void abend() {
        l.an();
    }
}
