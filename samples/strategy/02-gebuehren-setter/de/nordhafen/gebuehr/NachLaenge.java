package de.nordhafen.gebuehr;

class NachLaenge extends Gebuehrenregel {
    @Override
    public double berechne(Schiff schiff) {
        return schiff.laenge() * 2.1;
    }
}
