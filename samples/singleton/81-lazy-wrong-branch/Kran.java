class Kran {
    private static Kran k;

    private Kran() {}

    public static Kran k() {
        if (k == null) {
            k = new Kran();
        } else {
            k = new Kran();
        }
        return k;
    }
}
