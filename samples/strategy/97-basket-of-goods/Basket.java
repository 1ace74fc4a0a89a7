import java.util.ArrayList;
import java.util.List;

interface Goods {
    double price();
}

class Herring implements Goods {
    private final int kilos;

    Herring(int kilos) {
        this.kilos = kilos;
    }

    public double price() {
        return kilos * 4.5;
    }
}

class Rope implements Goods {
    public double price() {
        return 12;
    }
}

class Basket {
    private final List<Goods> goods = new ArrayList<>();

    void put(Goods g) {
        goods.add(g);
    }

    double total() {
        double sum = 0;
        for (Goods g : goods) {
            sum += g.price();
        }
        return sum;
    }

    public static void main(String[] args) {
        Basket b = new Basket();
        b.put(new Herring(2));
        b.put(new Rope());
        System.out.println(b.total());
    }
}
