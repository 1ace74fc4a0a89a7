import java.util.ArrayList;
import java.util.List;

public class Auktion {
    private final List<Fisch> fang = new ArrayList<>();

    void bringe(String zeile) {
        String[] t = zeile.split(";");
        if (t.length != 2) throw new IllegalArgumentException("Zeile: " + zeile);
        fang.add(Sorte.mitKuerzel(t[0]).fange(Integer.parseInt(t[1])));
    }

    double erloes() {
        return fang.stream().mapToDouble(Fisch::preis).sum();
    }

    public static void main(String[] args) {
        Auktion a = new Auktion();
        a.bringe("h;220");
        a.bringe("S;600");
        a.bringe("a;850");
        System.out.println(a.erloes());
        try {
            a.bringe("x;100");
        } catch (IllegalArgumentException e) {
            System.out.println(e.getMessage());
        }
    }
}
