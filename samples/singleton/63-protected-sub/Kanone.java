public class Kanone {
    private static Kanone k;

    public static Kanone k() {
        if (k == null) {
            k = new Kanone();
        }
        return k;
    }

    public Kanone(int rohre) {}

    Kanone() {}
}
