package lager;

public class Start {
    public static void main(String[] args) {
        Bestand b = new Bestand("tau10", "oel05", "net33");
        Schalter s = new Schalter();
        s.besetze();
        s.erledige(new Eingang(b, "tau10", 12));
        s.erledige(new Umbuchung(b, "tau10", "net33", 5));
        s.erledige(new Eingang(b, "oel05", 3));
        System.out.println(b.abbild());
        s.zurueck();
        s.zurueck();
        System.out.println(b.menge("tau10") + " " + b.menge("net33") + " " + b.menge("oel05"));
    }
}
