public class Kasse {
    private static final Kasse K = new Kasse();
    private long cent;

    private Kasse() {}

    private Kasse(Kasse andere) {
        cent = andere.cent;
    }

    public static Kasse kasse() {
        return K;
    }

    public Kasse kopie() {
        return new Kasse(this);
    }

    void ein(long c) {
        cent += c;
    }
}
