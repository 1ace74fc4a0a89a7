import java.time.LocalTime;

public final class Abfahrt {
    private final String liegeplatz;
    private final String schiff;
    private final LocalTime zeit;
    private final int plaetze;

    public Abfahrt(String liegeplatz, String schiff, LocalTime zeit, int plaetze) {
        if (!liegeplatz.matches("[A-F]-\\d{3}")) {
            throw new IllegalArgumentException("Liegeplatz: " + liegeplatz);
        }
        if (plaetze < 10 || plaetze > 900) {
            throw new IllegalArgumentException("Plaetze: " + plaetze);
        }
        this.liegeplatz = liegeplatz;
        this.schiff = schiff;
        this.zeit = zeit;
        this.plaetze = plaetze;
    }

    public String liegeplatz() { return liegeplatz; }
    public String schiff() { return schiff; }
    public LocalTime zeit() { return zeit; }
    public int plaetze() { return plaetze; }
}
