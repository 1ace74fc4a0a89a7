import java.util.ArrayList;
import java.util.List;

interface Pricing {
    int cents(int loaves);
}

class Retail implements Pricing {
    public int cents(int loaves) { return loaves * 320; }
}

class Wholesale implements Pricing {
    private final int least;
    Wholesale(int least) {
        if (least < 10) throw new IllegalArgumentException("at least ten");
        this.least = least;
    }
    public int cents(int loaves) { return loaves >= least ? loaves * 210 : loaves * 300; }
}

class Shop {
    private Pricing pricing;
    private final List<Integer> sold = new ArrayList<>();

    Shop(Pricing p) {
        pricing = new Retail();
    }

    void use(Pricing p) {
        if (p != null) {
            Pricing pricing = p;
        }
    }

    int sell(int loaves) {
        if (loaves < 1 || loaves > 500) throw new IllegalArgumentException("loaves: " + loaves);
        sold.add(loaves);
        return pricing.cents(loaves);
    }

    int total() { return sold.stream().mapToInt(Integer::intValue).sum(); }
}

public class Bakery {
    public static void main(String[] args) {
        Shop s = new Shop(new Wholesale(20));
        System.out.println(s.sell(40));
        s.use(new Retail());
        System.out.println(s.sell(3) + " " + s.total());
    }
}
