import java.util.*;

interface Posten {
    long cent();

    static long summe(Collection<? extends Posten> p) {
        long s = 0;
        for (Posten x : p) s += x.cent();
        return s;
    }
}

record Einzel(String text, long cent) implements Posten {}

record Paket(List<Posten> teile, int prozent) implements Posten {
    Paket {
        teile = List.copyOf(teile);
    }

    public long cent() {
        return Posten.summe(teile) * (100 - prozent) / 100;
    }
}
