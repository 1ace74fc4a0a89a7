public class Sorter {
    public interface Order {
        boolean before(int a, int b);
    }

    private Order order;

    public Sorter by(Order o) {
        this.order = o;
        return this;
    }

    public int[] sort(int... xs) {
        int[] r = xs.clone();
        for (int i = 0; i < r.length; i++)
            for (int j = i + 1; j < r.length; j++)
                if (order.before(r[j], r[i])) {
                    int t = r[i];
                    r[i] = r[j];
                    r[j] = t;
                }
        return r;
    }
}
