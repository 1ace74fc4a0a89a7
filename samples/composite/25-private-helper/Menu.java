import java.util.*;

interface Part {
    double price();
}

class Single implements Part {
    private double p;

    Single(double p) {
        this.p = p;
    }

    public double price() {
        return p;
    }
}

class Offer implements Part {
    private Part[] parts = new Part[2];
    private int n;
    private double rebate;

    Offer(double rebate) {
        this.rebate = rebate;
    }

    void add(Part p) {
        if (n == parts.length) parts = Arrays.copyOf(parts, n * 2);
        parts[n++] = p;
    }

    void remove(Part p) {
        for (int i = 0; i < n; i++)
            if (parts[i] == p) {
                parts[i] = parts[--n];
                parts[n] = null;
                return;
            }
    }

    public double price() {
        return sum() * (1 - rebate);
    }

    private double sum() {
        double s = 0;
        for (int i = 0; i < n; i++) s += parts[i].price();
        return s;
    }
}
