public class Uhr {
    private static Uhr uhr;

    public Uhr() {}

    public static Uhr getUhr() {
        if (uhr == null) uhr = new Uhr();
        return uhr;
    }

    int h() {
        return 12;
    }
}
