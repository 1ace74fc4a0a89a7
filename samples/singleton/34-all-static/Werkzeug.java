public class Werkzeug {
    private static int n;

    private Werkzeug() {}

    static void hole() {
        n++;
    }

    static int anzahl() {
        return n;
    }
}
