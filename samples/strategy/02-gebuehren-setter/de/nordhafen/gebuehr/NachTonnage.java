package de.nordhafen.gebuehr;

class NachTonnage extends Gebuehrenregel {
    @Override
    public double berechne(Schiff schiff) {
        return 5 + schiff.tonnage() * 0.4;
    }
}
