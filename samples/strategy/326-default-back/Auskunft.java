import java.util.Objects;

interface Ansage {
    String sage(String schiff, int minuten);
}

class Knapp implements Ansage {
    public String sage(String schiff, int minuten) { return schiff + " " + minuten; }
}

class Hoeflich implements Ansage {
    public String sage(String schiff, int minuten) { return "Verehrte Gaeste, die " + schiff + " kommt in " + minuten + " Minuten"; }
}

class Lautsprecher {
    private static final Ansage UEBLICH = new Knapp();
    private Ansage ansage = UEBLICH;
    private int gesprochen;

    void wechsle(Ansage a) { ansage = Objects.requireNonNull(a); }

    String melde(String schiff, int minuten) {
        if (minuten < 0) throw new IllegalArgumentException("vorbei");
        String text = ansage.sage(schiff, minuten);
        gesprochen++;
        ansage = UEBLICH;
        return text;
    }
    int gesprochen() { return gesprochen; }
}

public class Auskunft {
    public static void main(String[] args) {
        Lautsprecher l = new Lautsprecher();
        System.out.println(l.melde("Alma", 5));
        l.wechsle(new Hoeflich());
        System.out.println(l.melde("Tide", 12));
        System.out.println(l.melde("Norne", 20));
    }
}
