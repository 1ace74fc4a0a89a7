import java.util.*;

interface Stapel<T> {
    void lege(T t);

    T nimm();

    boolean leer();
}

class ListenStapel<T> implements Stapel<T> {
    private final ArrayList<T> l = new ArrayList<>();

    public void lege(T t) {
        l.add(t);
    }

    public T nimm() {
        return l.remove(l.size() - 1);
    }

    public boolean leer() {
        return l.isEmpty();
    }
}

class ZaehlStapel<T> implements Stapel<T> {
    private final Stapel<T> s;
    private int max, jetzt;

    ZaehlStapel(Stapel<T> s) {
        this.s = s;
    }

    @Override
    public void lege(T t) {
        s.lege(t);
        max = Math.max(max, ++jetzt);
    }

    @Override
    public T nimm() {
        jetzt--;
        return s.nimm();
    }

    @Override
    public boolean leer() {
        return s.leer();
    }
}
