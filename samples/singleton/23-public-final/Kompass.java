public class Kompass {
    public static final Kompass INSTANCE = new Kompass();
    private double grad;

    private Kompass() {}

    public void drehe(double d) {
        grad = (grad + d) % 360;
    }

    public double grad() {
        return grad;
    }

    public static void main(String[] args) {
        Kompass.INSTANCE.drehe(10);
        System.out.println(INSTANCE.grad());
    }
}
