import java.util.ArrayList;
import java.util.List;

public class App {
    static double half(Vessel v) {
        return v.length() / 2;
    }

    public static void main(String[] args) {
        List<Vessel> vessels = new ArrayList<>();
        vessels.add(new Vessel("Kormoran", 14, false));
        vessels.add(new Vessel("Austernfischer", 8, true));

        FeeCalculator calculator = new FeeCalculator(v -> v.length() * 2);
        vessels.forEach(v -> System.out.println(v.name() + " " + calculator.feeFor(v)));

        calculator.use(v -> v.guest() ? 0 : 30);
        vessels.forEach(v -> System.out.println(v.name() + " " + calculator.feeFor(v)));

        calculator.use(App::half);
        System.out.println(vessels.stream().mapToDouble(calculator::feeFor).sum());
    }
}
