import java.util.ArrayList;
import java.util.List;

interface Vessel {
    double consumption(double miles);
}

class Barge implements Vessel {
    public double consumption(double miles) {
        return miles * 30;
    }
}

class Launch implements Vessel {
    public double consumption(double miles) {
        return miles * 6 + 2;
    }
}

class Fleet {
    private final List<Vessel> vessels = new ArrayList<>();

    void add(Vessel v) {
        vessels.add(v);
    }

    double consumption(double miles) {
        double sum = 0;
        for (Vessel v : vessels) {
            sum += v.consumption(miles);
        }
        return sum;
    }
}
