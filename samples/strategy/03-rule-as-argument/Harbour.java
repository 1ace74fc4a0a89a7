import java.util.List;

/** All in one file, I hope that is ok. */
public class Harbour {

    static double total(List<Boat> boats, Pricing pricing) {
        double sum = 0;
        for (Boat b : boats) {
            sum += pricing.price(b);
        }
        return sum;
    }

    public static void main(String[] args) {
        List<Boat> boats = List.of(new Boat(10, false), new Boat(22.5, true));
        System.out.println(total(boats, new PerMetre()));
        System.out.println(total(boats, new Flat()));
    }
}

interface Pricing {
    double price(Boat boat);
}

class PerMetre implements Pricing {
    public double price(Boat boat) {
        return boat.length * 1.5;
    }
}

class Flat implements Pricing {
    public double price(Boat boat) {
        return boat.commercial ? 60 : 25;
    }
}

class Boat {
    final double length;
    final boolean commercial;

    Boat(double length, boolean commercial) {
        this.length = length;
        this.commercial = commercial;
    }
}
