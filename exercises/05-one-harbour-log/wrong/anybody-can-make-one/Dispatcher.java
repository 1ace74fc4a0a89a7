public class Dispatcher {
    private static Dispatcher instance;
    private int jobs;

    public static Dispatcher getInstance() {
        if (instance == null) {
            instance = new Dispatcher();
        }
        return instance;
    }

    public void dispatch() {
        jobs++;
    }
}
