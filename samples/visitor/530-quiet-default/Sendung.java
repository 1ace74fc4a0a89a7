package zoll;

public abstract class Sendung implements Inspectable {
    private final String nummer;

    protected Sendung(String nummer) {
        this.nummer = nummer;
    }

    public String nummer() {
        return nummer;
    }

    public abstract double gewicht();

    public abstract int stueckzahl();
}
