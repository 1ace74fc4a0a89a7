import java.util.LinkedHashSet;
import java.util.Set;

public class Liegeplatz {
    private final Set<Beobachter> alle = new LinkedHashSet<>();
    private String schiff;
    private int nummer;

    public Liegeplatz(int nummer) {
        this.nummer = nummer;
    }

    public void anmelden(Beobachter b) {
        alle.add(b);
    }

    public void abmelden(Beobachter b) {
        alle.remove(b);
    }

    public void belegen(String name) {
        schiff = name;
        melde(new Ereignis(nummer, name, true));
    }

    public void freigeben() {
        String alt = schiff;
        schiff = null;
        melde(new Ereignis(nummer, alt, false));
    }

    /** Die Nummer ist nur ein Schild, das interessiert niemanden. */
    public void umnummerieren(int neu) {
        nummer = neu;
    }

    protected void melde(Ereignis e) {
        alle.forEach(b -> b.passiert(e));
    }
}

interface Beobachter {
    void passiert(Ereignis ereignis);
}

record Ereignis(int platz, String schiff, boolean belegt) {}

class Hafenmeister implements Beobachter {
    private int belegt = 0;

    @Override
    public void passiert(Ereignis ereignis) {
        belegt += ereignis.belegt() ? 1 : -1;
        System.out.println("belegt: " + belegt);
    }
}

class Kasse implements Beobachter {
    @Override
    public void passiert(Ereignis ereignis) {
        if (ereignis.belegt()) {
            System.out.println("Rechnung an " + ereignis.schiff());
        }
    }
}
