import java.util.*;

interface Sammlung<E> {
    boolean add(E e);

    boolean addAll(Collection<? extends E> c);

    int size();
}

class Haufen<E> implements Sammlung<E> {
    private final List<E> l = new ArrayList<>();

    public boolean add(E e) {
        return l.add(e);
    }

    public boolean addAll(Collection<? extends E> c) {
        boolean b = false;
        for (E e : c) b |= add(e);
        return b;
    }

    public int size() {
        return l.size();
    }
}

class Zaehlhaufen<E> implements Sammlung<E> {
    private final Sammlung<E> s;
    private int hinzu;

    Zaehlhaufen(Sammlung<E> s) {
        this.s = s;
    }

    public boolean add(E e) {
        hinzu++;
        return s.add(e);
    }

    public boolean addAll(Collection<? extends E> c) {
        hinzu += c.size();
        return s.addAll(c);
    }

    public int size() {
        return s.size();
    }

    int hinzu() {
        return hinzu;
    }
}
