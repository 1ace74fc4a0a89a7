public class Sirene implements Cloneable {
    private static final Sirene SIRENE = new Sirene();
    private int laut = 1;

    private Sirene() {}

    public static Sirene sirene() {
        return SIRENE;
    }

    public static Sirene ersatz() {
        return new Sirene();
    }

    public void lauter() {
        laut++;
    }
}
