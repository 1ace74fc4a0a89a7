package hafen;

public class Start {
    public static void main(String[] args) {
        Leitstand.richteEin("12");
        new Lotse().bringe("Moewe", 3);
        new Lotse().bringe("Tordalk", 5);
        System.out.println(Leitstand.gib().kanal() + " " + Leitstand.gib().platz("Moewe"));
    }
}
