public class Tor {
    private Tor tor;

    private Tor() {}

    public static Tor getInstance() {
        Tor t = new Tor();
        if (t.tor == null) t.tor = t;
        return t.tor;
    }
}
