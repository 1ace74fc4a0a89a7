package de.nordhafen.gebuehr;

public abstract class Gebuehrenregel {
    public abstract double berechne(Schiff schiff);

    public String bezeichnung() {
        return getClass().getSimpleName();
    }
}
