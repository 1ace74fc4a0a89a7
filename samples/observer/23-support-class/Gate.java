import java.util.ArrayList;
import java.util.List;

class Listeners<E> {
    interface On<E> {
        void event(E e);
    }

    private final List<On<? super E>> all = new ArrayList<>();

    void add(On<? super E> l) {
        all.add(l);
    }

    void remove(On<? super E> l) {
        all.remove(l);
    }

    void fire(E e) {
        for (On<? super E> l : all) l.event(e);
    }
}

class LockGate {
    private final Listeners<Integer> listeners = new Listeners<>();
    private int angle;

    Listeners<Integer> listeners() {
        return listeners;
    }

    void turn(int by) {
        angle += by;
        listeners.fire(angle);
    }
}

class Pump implements Listeners.On<Integer> {
    boolean running;

    public void event(Integer angle) {
        running = angle > 20;
    }
}

class Camera implements Listeners.On<Object> {
    int frames;

    public void event(Object e) {
        frames++;
    }
}
