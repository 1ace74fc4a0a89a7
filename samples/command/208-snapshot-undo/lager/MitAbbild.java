package lager;

import java.util.Map;

abstract class MitAbbild implements Vorgang {
    protected final Bestand bestand;
    private Map<String, Integer> vorher;

    MitAbbild(Bestand bestand) {
        this.bestand = bestand;
    }

    @Override
    public final void ausfuehren() {
        vorher = bestand.abbild();
        tue();
    }

    @Override
    public final void zuruecknehmen() {
        if (vorher == null) {
            throw new IllegalStateException("noch nicht ausgefuehrt");
        }
        bestand.setze(vorher);
        vorher = null;
    }

    abstract void tue();
}
