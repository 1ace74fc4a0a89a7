package port;

public interface Abonnement extends AutoCloseable {
    @Override
    void close();
}
