package cargo;

public interface Cargo {
    double weight();

    String label();
}
