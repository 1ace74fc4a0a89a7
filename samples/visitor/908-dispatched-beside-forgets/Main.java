import java.util.List;

public class Main {
    public static void main(String[] args) {
        List<Signal> shown = List.of(new Flag('K'), new Horn(4), new Lamp("-.-"));
        Signals.tellAll(shown, new LogLine()).forEach(System.out::println);
        System.out.println(Signals.tellAll(shown, new Duration()));
    }
}
