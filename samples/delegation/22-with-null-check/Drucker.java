interface Drucken {
    void drucke(String s);

    int seiten();
}

class Laser implements Drucken {
    private int n;

    public void drucke(String s) {
        n += s.length() / 80 + 1;
    }

    public int seiten() {
        return n;
    }
}

class Nadel implements Drucken {
    private int n;

    public void drucke(String s) {
        n++;
        System.out.println("rrr");
    }

    public int seiten() {
        return n;
    }
}

class Buero implements Drucken {
    private Drucken drucker;

    void stelle(Drucken d) {
        drucker = d;
    }

    public void drucke(String s) {
        Drucken d = this.drucker;
        if (d == null) throw new IllegalStateException("kein Drucker");
        d.drucke(s.strip());
    }

    public int seiten() {
        return drucker == null ? 0 : drucker.seiten();
    }
}
