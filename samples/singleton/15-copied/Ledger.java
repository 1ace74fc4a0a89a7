public class Ledger implements Cloneable {
    private static Ledger ledger;

    private int total;

    private Ledger() {}

    public static Ledger get() {
        if (ledger == null) ledger = new Ledger();
        return ledger;
    }

    @Override
    public Ledger clone() {
        try {
            return (Ledger) super.clone();
        } catch (CloneNotSupportedException e) {
            throw new AssertionError(e);
        }
    }
}
