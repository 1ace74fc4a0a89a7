public interface Ranking<T> {
    double rank(T t);
}
