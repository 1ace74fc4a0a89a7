package harbour;

@FunctionalInterface
public interface Tariff {
    double fee(Ship ship);
}
