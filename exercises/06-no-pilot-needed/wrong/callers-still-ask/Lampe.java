interface Lampe {
    void an();

    void aus();
}

class Gluehlampe implements Lampe {
    private boolean an;

    public void an() {
        an = true;
    }

    public void aus() {
        an = false;
    }
}

class KeineLampe implements Lampe {
    public void an() {}

    public void aus() {}
}

class Leuchtturm {
    private Lampe lampe = new KeineLampe();

    void einsetzen(Lampe l) {
        lampe = l;
    }

    void abend() {
        if (lampe != null) {
            lampe.an();
        }
    }

    void morgen() {
        if (lampe != null) {
            lampe.aus();
        }
    }
}
