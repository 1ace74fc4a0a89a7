package harbour;

public class Ship {
    double length;
    double tonnage;

    public Ship(double length, double tonnage) {
        this.length = length;
        this.tonnage = tonnage;
    }
}
