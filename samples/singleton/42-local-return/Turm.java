public final class Turm {
    private static Turm turm;

    private Turm() {}

    public static Turm turm() {
        Turm t = turm;
        if (t == null) {
            t = turm = new Turm();
        }
        return t;
    }
}
