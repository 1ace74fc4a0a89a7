package de.nordhafen.gebuehr;

public class Kontor {
    private Gebuehrenregel regel;

    public void setzeRegel(Gebuehrenregel neu) {
        if (neu == null) {
            throw new IllegalArgumentException("Regel fehlt");
        }
        this.regel = neu;
    }

    public double rechnung(Schiff schiff) {
        if (regel == null) {
            throw new IllegalStateException("Es ist noch keine Regel gesetzt.");
        }
        return rund(regel.berechne(schiff));
    }

    public String beleg(Schiff schiff) {
        return schiff.name() + " zahlt " + rechnung(schiff) + " (" + regel.bezeichnung() + ")";
    }

    private double rund(double x) {
        return Math.round(x * 100) / 100.0;
    }

    public static void main(String[] args) {
        Kontor kontor = new Kontor();
        Schiff s = new Schiff("Möwe", 9.8, 6);
        kontor.setzeRegel(new NachLaenge());
        System.out.println(kontor.beleg(s));
        kontor.setzeRegel(new NachTonnage());
        System.out.println(kontor.beleg(s));
    }
}
