import java.util.*;

public class Ranker<T> {
    private Ranking<? super T> how;
    private final List<T> items = new ArrayList<>();

    public Ranker(Ranking<? super T> how) {
        this.how = how;
    }

    public void put(T t) {
        items.add(t);
    }

    public void change(Ranking<? super T> h) {
        how = h;
    }

    public double best() {
        return items.stream().mapToDouble(i -> how.rank(i)).max().orElse(0);
    }
}
