public class Schleuse {
    private static Schleuse schleuse = null;
    private boolean offen = false;

    private Schleuse() {
        super();
    }

    public static synchronized Schleuse gib() {
        if (schleuse != null) {
            return schleuse;
        }
        schleuse = new Schleuse();
        return schleuse;
    }

    public void oeffnen() {
        offen = true;
    }
}
