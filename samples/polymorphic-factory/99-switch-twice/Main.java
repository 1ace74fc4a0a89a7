interface Boat { int knots(); }
class Sail implements Boat { public int knots() { return 6; } }
class Motor implements Boat { public int knots() { return 14; } }
class BoatYard {
    static Boat build(int kind) { if (kind == 1) return new Sail(); return new Motor(); }
}
class Rental {
    int price(int kind, int hours) {
        Boat b = BoatYard.build(kind);
        if (b instanceof Sail) return hours * 20 + b.knots();
        return hours * 35 + b.knots();
    }
    public static void main(String[] a) { System.out.println(new Rental().price(1, 2)); }
}
