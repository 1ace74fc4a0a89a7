import java.util.*;
interface Hafenordnung {
    static Hafenordnung geltende() { return Amtlich.EINZIGE; }
    int tempo(String bereich);
    void setze(String bereich, int knoten);
}
enum Amtlich implements Hafenordnung {
    EINZIGE;
    private final Map<String, Integer> grenzen = new HashMap<>(Map.of("Becken", 3, "Fahrwasser", 8));
    @Override public int tempo(String bereich) { return grenzen.getOrDefault(bereich, 5); }
    @Override public void setze(String bereich, int knoten) {
        if (knoten <= 0) throw new IllegalArgumentException("Knoten: " + knoten);
        grenzen.put(bereich, knoten);
    }
}
class Wasserschutz {
    boolean zuSchnell(String bereich, int knoten) { return knoten > Hafenordnung.geltende().tempo(bereich); }
    public static void main(String[] args) {
        Amtlich.EINZIGE.setze("Kanal", 4);
        System.out.println(new Wasserschutz().zuSchnell("Kanal", 5));
    }
}
