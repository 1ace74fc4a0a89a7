import java.util.*;
import java.util.concurrent.atomic.*;

interface Nummern { String naechste(String vorsatz); }
enum Nummernkreis implements Nummern {
    HAFEN;
    private final AtomicInteger zaehler = new AtomicInteger(100);
    private final Map<String, Integer> vergeben = new TreeMap<>();
    @Override public String naechste(String vorsatz) {
        if (!vorsatz.matches("[A-Z]{1,3}")) throw new IllegalArgumentException("Vorsatz: ein bis drei Großbuchstaben");
        int n = zaehler.incrementAndGet();
        synchronized (vergeben) { vergeben.merge(vorsatz, 1, Integer::sum); }
        return vorsatz + "-" + n;
    }
    int vergeben(String vorsatz) { synchronized (vergeben) { return vergeben.getOrDefault(vorsatz, 0); } }
}
class Schalter { private final Nummern nummern; Schalter(Nummern n) { nummern = n; } String zieh() { return nummern.naechste("A"); } }
class Halle { public static void main(String[] a) { System.out.println(new Schalter(Nummernkreis.HAFEN).zieh() + new Schalter(Nummernkreis.HAFEN).zieh() + Nummernkreis.HAFEN.vergeben("A")); } }
