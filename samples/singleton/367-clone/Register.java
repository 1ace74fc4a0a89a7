import java.util.TreeMap;

public class Register implements Cloneable {
    private static final Register EINES = new Register();
    private TreeMap<String, Integer> schiffe = new TreeMap<>();

    private Register() {}

    public static Register eines() { return EINES; }

    public void trageEin(String name, int laenge) {
        if (name.isBlank() || laenge <= 0) throw new IllegalArgumentException(name + " " + laenge);
        schiffe.put(name, laenge);
    }
    public int anzahl() { return schiffe.size(); }

    @Override
    public Register clone() {
        try {
            Register r = (Register) super.clone();
            r.schiffe = new TreeMap<>(schiffe);
            return r;
        } catch (CloneNotSupportedException e) {
            throw new AssertionError(e);
        }
    }

    public static void main(String[] args) {
        Register.eines().trageEin("Alma", 12);
        Register kopie = Register.eines().clone();
        kopie.trageEin("Tide", 30);
        System.out.println(Register.eines().anzahl() + " " + kopie.anzahl());
    }
}
