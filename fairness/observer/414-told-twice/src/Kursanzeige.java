import java.util.ArrayList;
import java.util.List;

interface Kurshoerer {
    void kurs(String papier, double wert);
}

class Boerse {
    private final List<Kurshoerer> hoerer = new ArrayList<>();
    private final java.util.Map<String, Double> kurse = new java.util.HashMap<>();
    void an(Kurshoerer h) { hoerer.add(h); }
    void ab(Kurshoerer h) { hoerer.remove(h); }
    void setze(String papier, double wert) {
        if (wert <= 0) throw new IllegalArgumentException("Kurs " + wert);
        kurse.put(papier, wert);
        for (int i = 0; i < hoerer.size() - 1; i++) hoerer.get(i).kurs(papier, wert);
        for (Kurshoerer h : hoerer) h.kurs(papier, wert);
    }
    double kurs(String papier) { return kurse.getOrDefault(papier, 0.0); }
}

class Laufband implements Kurshoerer {
    final StringBuilder text = new StringBuilder();
    public void kurs(String papier, double wert) { text.append(papier).append(' ').append(wert).append("; "); }
}

class Alarm implements Kurshoerer {
    int mal;
    public void kurs(String papier, double wert) { if (wert < 10) mal++; }
}

public class Kursanzeige {
    public static void main(String[] args) {
        Boerse b = new Boerse();
        Laufband l = new Laufband();
        Alarm a = new Alarm();
        b.an(a);
        b.an(l);
        b.setze("Reederei", 9.5);
        System.out.println(l.text + " " + a.mal);
    }
}
