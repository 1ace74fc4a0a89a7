package lager;

class Eingang extends MitAbbild {
    private final String artikel;
    private final int menge;

    Eingang(Bestand b, String artikel, int menge) {
        super(b);
        if (menge <= 0) throw new IllegalArgumentException("Menge " + menge);
        this.artikel = artikel;
        this.menge = menge;
    }

    @Override
    void tue() {
        bestand.buche(artikel, menge);
    }
}
