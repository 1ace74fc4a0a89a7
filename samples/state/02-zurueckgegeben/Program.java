interface Zustand {
    Zustand druecken();
    String anzeige();
}
class Rot implements Zustand {
    public Zustand druecken() { return new Gruen(); }
    public String anzeige() { return "rot"; }
}
class Gruen implements Zustand {
    public Zustand druecken() { return new Gelb(); }
    public String anzeige() { return "gruen"; }
}
class Gelb implements Zustand {
    public Zustand druecken() { return new Rot(); }
    public String anzeige() { return "gelb"; }
}
class Hafenampel {
    private Zustand zustand = new Rot();
    private int schaltungen;
    void taste() {
        zustand = zustand.druecken();
        schaltungen++;
    }
    String lampe() { return zustand.anzeige(); }
    int schaltungen() { return schaltungen; }
    public static void main(String[] a) {
        Hafenampel h = new Hafenampel();
        h.taste();
        System.out.println(h.lampe() + h.schaltungen());
    }
}
