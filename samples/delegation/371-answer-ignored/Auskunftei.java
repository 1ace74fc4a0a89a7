interface Fahrzeiten {
    int minuten(String von, String nach);
    boolean faehrt(String tag);
}

class Winterplan implements Fahrzeiten {
    public int minuten(String von, String nach) {
        if (von.equals(nach)) throw new IllegalArgumentException("gleicher Ort");
        return 30 + von.length() + nach.length();
    }
    public boolean faehrt(String tag) { return !tag.equals("So"); }
}

class Sommerplan implements Fahrzeiten {
    public int minuten(String von, String nach) { return 25 + nach.length(); }
    public boolean faehrt(String tag) { return true; }
}

class Schalter implements Fahrzeiten {
    private final Fahrzeiten plan;
    private int fragen;
    Schalter(Fahrzeiten plan) { this.plan = plan; }
    public int minuten(String von, String nach) {
        fragen++;
        plan.minuten(von, nach);
        return 40;
    }
    public boolean faehrt(String tag) {
        fragen++;
        return plan.faehrt(tag);
    }
    int fragen() { return fragen; }
}

public class Auskunftei {
    public static void main(String[] args) {
        Schalter s = new Schalter(new Winterplan());
        System.out.println(s.minuten("Mole", "Insel") + " " + s.faehrt("So") + " " + s.fragen());
        System.out.println(new Schalter(new Sommerplan()).minuten("Mole", "Sund"));
    }
}
