import java.util.ArrayList;
import java.util.List;

public class Faehre {
    private final String name;
    private Wegwahl wahl = Route.KURZ;
    private final List<Integer> abschnitte = new ArrayList<>();

    public Faehre(String name) {
        if (name.isEmpty() || !Character.isUpperCase(name.charAt(0))) throw new IllegalArgumentException(name);
        this.name = name;
    }

    public Faehre ueber(int meilen) {
        if (meilen < 1 || meilen > 99) throw new IllegalArgumentException("Meilen " + meilen);
        abschnitte.add(meilen);
        return this;
    }

    public void setWegwahl(Wegwahl w) {
        if (w == null) throw new IllegalArgumentException("keine Wahl");
        wahl = w;
    }

    public double stunden(double knoten) {
        if (abschnitte.isEmpty()) throw new IllegalStateException(name + " hat keinen Weg");
        if (knoten <= 0) throw new IllegalArgumentException("Knoten");
        return wahl.meilen(List.copyOf(abschnitte)) / knoten;
    }

    public static void main(String[] args) {
        Faehre f = new Faehre("Nordlicht").ueber(12).ueber(7).ueber(30);
        System.out.println(f.stunden(10));
        f.setWegwahl(Route.SICHER);
        System.out.println(f.stunden(10));
    }
}
