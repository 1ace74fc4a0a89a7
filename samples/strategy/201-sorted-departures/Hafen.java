import java.time.LocalTime;

public class Hafen {
    public static void main(String[] args) {
        Tafel t = new Tafel(new NachZeit());
        t.oeffne();
        t.trageEin(new Abfahrt("B-117", "Kormoran", LocalTime.of(9, 30), 120));
        t.trageEin(new Abfahrt("A-004", "Moewe", LocalTime.of(8, 15), 40));
        t.trageEin(new Abfahrt("C-020", "Tordalk", LocalTime.of(12, 0), 300));
        t.zeige().forEach(System.out::println);
        t.setReihenfolge(new NachGroesse());
        t.zeige().forEach(System.out::println);
        try {
            t.trageEin(new Abfahrt("B-117", "Eissturmvogel", LocalTime.NOON, 80));
        } catch (IllegalStateException e) {
            System.out.println(e.getMessage());
        }
    }
}
