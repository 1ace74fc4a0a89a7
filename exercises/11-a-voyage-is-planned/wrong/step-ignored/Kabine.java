class Kabine {
    private final int deck;
    private final boolean balkon;

    Kabine(int deck, boolean balkon) {
        this.deck = deck;
        this.balkon = balkon;
    }

    int preis() {
        return deck * 100 + (balkon ? 80 : 0);
    }
}

class KabinenBauer {
    private int deck = 1;
    private boolean balkon;
    private int betten = 2;

    KabinenBauer deck(int d) {
        deck = d;
        return this;
    }

    KabinenBauer balkon() {
        balkon = true;
        return this;
    }

    KabinenBauer betten(int n) {
        betten = n;
        return this;
    }

    Kabine baue() {
        return new Kabine(deck, balkon);
    }
}

class Schalter {
    Kabine luxus() {
        return new KabinenBauer().deck(7).balkon().betten(1).baue();
    }
}
