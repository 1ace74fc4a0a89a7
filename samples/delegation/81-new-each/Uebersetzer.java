interface Sprache {
    String sage(String s);

    int woerter();
}

class Platt implements Sprache {
    private int n;

    public String sage(String s) {
        n++;
        return s.replace("das", "dat");
    }

    public int woerter() {
        return n;
    }
}

class Dolmetscher implements Sprache {
    public String sage(String s) {
        Sprache p = new Platt();
        return p.sage(s);
    }

    public int woerter() {
        return new Platt().woerter();
    }
}
