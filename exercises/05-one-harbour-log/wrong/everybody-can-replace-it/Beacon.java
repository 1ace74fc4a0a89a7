public class Beacon {
    public static Beacon instance = new Beacon();
    private boolean lit;

    private Beacon() {}

    public static Beacon getInstance() {
        return instance;
    }

    void light() {
        lit = true;
    }
}
