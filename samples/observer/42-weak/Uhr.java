import java.lang.ref.WeakReference;
import java.util.*;

class Uhr {
    private final List<WeakReference<Ticker>> tickers = new ArrayList<>();
    private long t;

    void dazu(Ticker x) {
        tickers.add(new WeakReference<>(x));
    }

    void weg(Ticker x) {
        tickers.removeIf(r -> r.get() == x || r.get() == null);
    }

    void tick() {
        t++;
        for (WeakReference<Ticker> r : tickers) {
            Ticker x = r.get();
            if (x != null) x.tick(t);
        }
    }
}

interface Ticker {
    void tick(long t);
}

class Glocke implements Ticker {
    public void tick(long t) {
        if (t % 60 == 0) System.out.println("dong");
    }
}

class Zeiger implements Ticker {
    double grad;

    public void tick(long t) {
        grad = t * 6 % 360;
    }
}
