public final class Hafenbuch {
    private static Hafenbuch einziges;
    private int seiten;

    private Hafenbuch() {}

    public static synchronized Hafenbuch hole() {
        if (einziges == null) {
            einziges = new Hafenbuch();
        }
        Hafenbuch h = einziges;
        if (h.seiten++ >= 0) {
            einziges = null;
        }
        return h;
    }
}
