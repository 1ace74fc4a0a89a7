import java.util.function.ToDoubleFunction;

class Gewogen implements ToDoubleFunction<String> {
    private ToDoubleFunction<String> waage;
    private int n;

    Gewogen(ToDoubleFunction<String> waage) {
        this.waage = waage;
    }

    public double applyAsDouble(String s) {
        n++;
        return waage.applyAsDouble(s);
    }

    public static void main(String[] args) {
        System.out.println(new Gewogen(s -> s.length() * 2.0).applyAsDouble("fisch"));
    }
}
