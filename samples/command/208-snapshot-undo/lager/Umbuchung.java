package lager;

class Umbuchung extends MitAbbild {
    private final String von;
    private final String nach;
    private final int menge;

    Umbuchung(Bestand b, String von, String nach, int menge) {
        super(b);
        if (von.equals(nach)) throw new IllegalArgumentException("von = nach");
        this.von = von;
        this.nach = nach;
        this.menge = menge;
    }

    @Override
    void tue() {
        bestand.buche(von, -menge);
        bestand.buche(nach, menge);
    }
}
