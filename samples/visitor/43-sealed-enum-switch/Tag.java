sealed interface Mess permits Temp, Wind {
    enum Art {
        TEMP,
        WIND
    }

    Art art();

    interface Auswertung<R> {
        R temp(Temp t);

        R wind(Wind w);
    }

    default <R> R werte(Auswertung<R> a) {
        if (this instanceof Temp t) {
            return a.temp(t);
        }
        if (this instanceof Wind w) {
            return a.wind(w);
        }
        throw new IllegalStateException();
    }
}

record Temp(double grad) implements Mess {
    public Art art() {
        return Art.TEMP;
    }
}

record Wind(int bft) implements Mess {
    public Art art() {
        return Art.WIND;
    }
}

class Warnung implements Mess.Auswertung<Boolean> {
    public Boolean temp(Temp t) {
        return t.grad() < 0;
    }

    public Boolean wind(Wind w) {
        return w.bft() > 8;
    }
}
