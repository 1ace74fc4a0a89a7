import java.util.ArrayList;
import java.util.List;

interface Goods {
    int cents();
}

class Fish implements Goods {
    private final int kilos;

    Fish(int kilos) {
        this.kilos = kilos;
    }

    public int cents() {
        return kilos * 900;
    }
}

class FishBox implements Goods {
    private final List<Fish> fish = new ArrayList<>();

    public void add(Fish f) {
        fish.add(f);
    }

    public int cents() {
        int sum = 150;
        for (Fish f : fish) {
            sum += f.cents();
        }
        return sum;
    }
}
