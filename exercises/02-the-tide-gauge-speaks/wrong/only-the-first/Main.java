package gauge;

public class Main {
    public static void main(String[] args) {
        TideGauge gauge = new TideGauge();
        gauge.register(new Display());
        gauge.register(new Siren());
        gauge.setLevel(3.2);
        gauge.setLevel(5.1);
    }
}
