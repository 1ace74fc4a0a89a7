public class Logbuch {
    private static Logbuch buch;
    private final StringBuffer text = new StringBuffer();

    private Logbuch() {}

    public static synchronized Logbuch oeffne() {
        if (buch == null) buch = new Logbuch();
        return buch;
    }

    public void schreibe(String s) {
        text.append(s).append(';');
    }

    public String lies() {
        return text.toString();
    }
}
