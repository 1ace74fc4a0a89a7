import java.util.ArrayList;
import java.util.List;

interface Leg {
    double miles();
}

class Straight implements Leg {
    private final double miles;

    Straight(double miles) {
        this.miles = miles;
    }

    public double miles() {
        return miles;
    }
}

class Detour implements Leg {
    private final double base;

    Detour(double base) {
        this.base = base;
    }

    public double miles() {
        return base * 1.4;
    }
}

class Route implements Leg {
    private final List<Leg> legs = new ArrayList<>();

    void append(Leg leg) {
        legs.add(leg);
    }

    public double miles() {
        return legs.size() * 10.0;
    }
}
