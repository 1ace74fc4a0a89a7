abstract class Bauer<B extends Bauer<B>> {
    protected int hoehe;
    protected String farbe = "gelb";

    B hoehe(int h) {
        hoehe = h;
        return self();
    }

    B farbe(String f) {
        farbe = f;
        return self();
    }

    protected abstract B self();
}

class Kran {
    final int hoehe;
    final String farbe;
    final int last;

    Kran(int h, String f, int l) {
        hoehe = h;
        farbe = f;
        last = l;
    }
}

class KranBauer extends Bauer<KranBauer> {
    private int last;

    KranBauer last(int t) {
        last = t;
        return this;
    }

    @Override
    protected KranBauer self() {
        return this;
    }

    Kran baue() {
        return new Kran(hoehe, farbe, last);
    }
}

class Werft {
    Kran gross() {
        return new KranBauer().hoehe(40).farbe("rot").last(100).baue();
    }
}
