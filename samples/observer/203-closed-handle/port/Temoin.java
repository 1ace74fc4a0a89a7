package port;

@FunctionalInterface
public interface Temoin {
    void niveauChange(String bassin, double ancien, double nouveau);
}
