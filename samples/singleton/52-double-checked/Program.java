final class Funkraum {
    private static volatile Funkraum raum;
    private static final Object SCHLOSS = new Object();
    private String kanal = "16";

    private Funkraum() {}

    static Funkraum raum() {
        Funkraum r = raum;
        if (r == null) {
            synchronized (SCHLOSS) {
                r = raum;
                if (r == null) {
                    r = new Funkraum();
                    raum = r;
                }
            }
        }
        return r;
    }

    String kanal() {
        return kanal;
    }
}
