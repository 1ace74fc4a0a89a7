import java.util.*;

class Ampel {
    private Zustand z = new Rot();
    void weiter() {
        if (z instanceof Rot) z = new Gruen();
        else z = new Rot();
    }
    String zeige() { return z instanceof Rot ? "rot" : "grün"; }
}
interface Zustand { String farbe(); }
class Rot implements Zustand { public String farbe() { return "rot"; } }
class Gruen implements Zustand { public String farbe() { return "grün"; } }
public class Main {
    public static void main(String[] args) {
        Ampel a = new Ampel();
        for (int i = 0; i < 3; i++) { System.out.println(a.zeige()); a.weiter(); }
    }
}
