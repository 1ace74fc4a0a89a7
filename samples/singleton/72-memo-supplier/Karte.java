
final class Seekarte {
    private Seekarte() {}

    private static Seekarte karte;
    private static final Object SCHLOSS = new Object();

    static Seekarte hole() {
        synchronized (SCHLOSS) {
            if (karte == null) {
                karte = lade();
            }
            return karte;
        }
    }

    private static Seekarte lade() {
        return new Seekarte();
    }
}
