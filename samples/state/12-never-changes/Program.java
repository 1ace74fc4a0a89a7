interface Zustand { String anzeige(); }
class Rot implements Zustand { public String anzeige() { return "rot"; } }
class Gruen implements Zustand { public String anzeige() { return "gruen"; } }
class Hafenampel {
    private final Zustand zustand = new Rot();
    private int tasten;
    void taste() { tasten++; }
    String lampe() { return zustand.anzeige() + tasten; }
}
