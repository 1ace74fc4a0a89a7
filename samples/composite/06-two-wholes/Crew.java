import java.util.ArrayList;
import java.util.List;

interface Personnel {
    int wage();
}

class Sailor implements Personnel {
    public int wage() {
        return 1900;
    }
}

class Cook implements Personnel {
    private final int years;

    Cook(int years) {
        this.years = years;
    }

    public int wage() {
        return 2000 + 50 * years;
    }
}

abstract class Group implements Personnel {
    protected final List<Personnel> members = new ArrayList<>();

    void join(Personnel p) {
        members.add(p);
    }

    public int wage() {
        int sum = surcharge();
        for (Personnel p : members) {
            sum += p.wage();
        }
        return sum;
    }

    protected abstract int surcharge();
}

class Watch extends Group {
    protected int surcharge() {
        return 100;
    }
}

class ShipCrew extends Group {
    protected int surcharge() {
        return 1000;
    }
}
