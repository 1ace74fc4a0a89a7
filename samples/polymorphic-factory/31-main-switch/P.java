interface Rolle {
    int lohn(int h);
}

class Koch implements Rolle {
    public int lohn(int h) {
        return 14 * h;
    }
}

class Maat implements Rolle {
    public int lohn(int h) {
        return 16 * h;
    }
}

class Heuer {
    static Rolle von(String s) {
        if (s.equals("koch")) return new Koch();
        if (s.equals("maat")) return new Maat();
        throw new IllegalArgumentException(s);
    }
}

class Buch {
    int lohn(String s, int h) {
        return Heuer.von(s).lohn(h);
    }

    int urlaub(String s) {
        if (s.equals("koch")) return 24;
        else if (s.equals("maat")) return 26;
        else return 0;
    }
}
