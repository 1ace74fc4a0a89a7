package obs;

public class CargoHold extends Subject {
    private int tons;

    public int tons() {
        return tons;
    }

    public void load(int t) {
        tons += t;
        notifyObservers();
    }

    public void unload(int t) {
        tons -= t;
        notifyObservers();
    }
}
