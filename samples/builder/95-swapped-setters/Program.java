class Kabine {
    private final int betten;
    private final int fenster;
    private final String deck;

    Kabine(int betten, int fenster, String deck) {
        this.betten = betten;
        this.fenster = fenster;
        this.deck = deck;
    }
}

class KabinenBauer {
    private int betten = 1, fenster = 1;
    private String deck = "A";

    KabinenBauer betten(int b) {
        betten = b;
        return this;
    }

    KabinenBauer fenster(int f) {
        betten = f;
        return this;
    }

    KabinenBauer deck(String d) {
        deck = d;
        return this;
    }

    Kabine baue() {
        return new Kabine(betten, fenster, deck);
    }
}
