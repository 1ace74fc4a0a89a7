import java.util.*;
import java.util.function.BiConsumer;

public class Kurs {
    private final Collection<BiConsumer<Integer, Integer>> beobachter = new ArrayDeque<>();
    private int kurs;

    public void beobachte(BiConsumer<Integer, Integer> b) {
        beobachter.add(b);
    }

    public boolean vergiss(BiConsumer<Integer, Integer> b) {
        return beobachter.remove(b);
    }

    public int getKurs() {
        return kurs;
    }

    public void setKurs(int neu) {
        final int alt = kurs;
        kurs = ((neu % 360) + 360) % 360;
        if (alt != kurs) {
            beobachter.forEach(b -> b.accept(alt, kurs));
        }
    }

    public void drehe(int grad) {
        setKurs(kurs + grad);
    }

    public static void main(String... a) {
        Kurs k = new Kurs();
        k.beobachte((x, y) -> System.out.println(x + "->" + y));
        k.beobachte(Kurs::merke);
        k.drehe(90);
    }

    static void merke(int a, int b) {
        System.out.println(a - b);
    }
}
