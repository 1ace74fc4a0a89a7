interface Funk {
    void melde(String s);

    int laenge();
}

class Sender implements Funk {
    private int n;

    public void melde(String s) {
        n += s.length();
        System.out.println(s);
    }

    public int laenge() {
        return n;
    }
}

class OhneFunk implements Funk {
    private final Object nichts = null;

    public void melde(String s) {}

    public int laenge() {
        return nichts.hashCode() * 0;
    }
}

class Boot {
    private final Funk f;

    Boot(Funk f) {
        this.f = f;
    }

    void fahre(String z) {
        f.melde(z);
    }

    int n() {
        return f.laenge();
    }
}
