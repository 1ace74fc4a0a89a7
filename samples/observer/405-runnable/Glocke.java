import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.IntConsumer;

class Glasenuhr {
    private final List<IntConsumer> zuhoerer = new ArrayList<>();
    private final int schlaegeJeWache;
    private int schlaege;

    Glasenuhr(int schlaegeJeWache) {
        if (schlaegeJeWache < 1 || schlaegeJeWache > 8) throw new IllegalArgumentException("Schlaege");
        this.schlaegeJeWache = schlaegeJeWache;
    }

    void beiSchlag(IntConsumer z) { zuhoerer.add(Objects.requireNonNull(z)); }
    void nichtMehr(IntConsumer z) { zuhoerer.remove(z); }

    void halbeStunde() {
        schlaege = schlaege % schlaegeJeWache + 1;
        zuhoerer.forEach(z -> z.accept(schlaege));
    }
    int schlaege() { return schlaege; }
}

class Wachbuch implements IntConsumer {
    private final List<Integer> eintraege = new ArrayList<>();
    @Override public void accept(int n) { eintraege.add(n); }
    List<Integer> eintraege() { return List.copyOf(eintraege); }
}

class Ablösung implements IntConsumer {
    private int wachen;
    @Override public void accept(int n) { if (n == 1) wachen++; }
    int wachen() { return wachen; }
}

public class Glocke {
    public static void main(String[] args) {
        Glasenuhr u = new Glasenuhr(4);
        Wachbuch b = new Wachbuch();
        Ablösung a = new Ablösung();
        u.beiSchlag(b);
        u.beiSchlag(a);
        for (int i = 0; i < 9; i++) u.halbeStunde();
        u.nichtMehr(b);
        u.halbeStunde();
        System.out.println(b.eintraege() + " " + a.wachen() + " " + u.schlaege());
    }
}
