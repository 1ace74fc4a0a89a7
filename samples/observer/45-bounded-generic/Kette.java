import java.util.*;

abstract class Sender<L extends Lauscher> {
    private final List<L> lauscher = new LinkedList<>();

    void plus(L l) {
        lauscher.add(l);
    }

    void minus(L l) {
        lauscher.remove(l);
    }

    void sende(String was) {
        ListIterator<L> it = lauscher.listIterator();
        while (it.hasNext()) {
            L l = it.next();
            l.hoere(was);
        }
    }
}

interface Lauscher {
    void hoere(String was);
}

class Turm extends Sender<Lauscher> {
    private boolean licht;

    void an() {
        licht = true;
        sende("an");
    }

    void aus() {
        licht = false;
        sende("aus");
    }
}

class Waerter implements Lauscher {
    List<String> buch = new ArrayList<>();

    public void hoere(String was) {
        buch.add(was);
    }
}

class Moewe implements Lauscher {
    public void hoere(String was) {
        System.out.println("kra");
    }
}
