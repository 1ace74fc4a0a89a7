sealed interface Catch permits Cod, Crab, Eel {

    interface Handler {
        double onCod(Cod c);

        double onCrab(Crab c);

        double onEel(Eel e);
    }

    static double handle(Catch c, Handler h) {
        if (c instanceof Cod) return h.onCod((Cod) c);
        if (c instanceof Crab) return h.onCrab((Crab) c);
        if (c instanceof Eel) return h.onEel((Eel) c);
        throw new AssertionError();
    }
}

record Cod(double kilos) implements Catch {}

record Crab(int pieces) implements Catch {}

record Eel(double length) implements Catch {}

class MarketPrice implements Catch.Handler {
    public double onCod(Cod c) {
        return c.kilos() * 12;
    }

    public double onCrab(Crab c) {
        return c.pieces() * 4.5;
    }

    public double onEel(Eel e) {
        return e.length() * 20;
    }
}
