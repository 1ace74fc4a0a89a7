public class Ship {
    private final String name;
    private final double length;
    private final int tonnage;

    public Ship(String name, double length, int tonnage) {
        if (length <= 0) {
            throw new IllegalArgumentException("length must be positive");
        }
        this.name = name;
        this.length = length;
        this.tonnage = tonnage;
    }

    public String getName() {
        return name;
    }

    public double getLength() {
        return length;
    }

    public int getTonnage() {
        return tonnage;
    }
}
