package port;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;

/** Qui veut savoir. Une inscription se ferme elle-même. */
final class Liste<T> {
    private final Map<Integer, T> inscrits = new LinkedHashMap<>();
    private int prochain = 1;

    Abonnement ajoute(T t) {
        if (t == null) {
            throw new NullPointerException("rien");
        }
        int cle = prochain++;
        inscrits.put(cle, t);
        return () -> inscrits.remove(cle);
    }

    void previens(Consumer<T> c) {
        for (T t : inscrits.values().toArray((T[]) new Object[0])) {
            c.accept(t);
        }
    }
}
