import java.util.*;

interface Discount { double off(double price); String label(); }
class Regular implements Discount { public double off(double p) { return p * 0.1; } public String label() { return "regular guest"; } }
class Season implements Discount { public double off(double p) { return 5; } public String label() { return "season"; } }
class NoDiscount implements Discount { public double off(double p) { return 0; } public String label() { return ""; } }
class Booking {
    private Discount discount = new NoDiscount();
    private final double price;
    Booking(double price) { this.price = price; }
    void give(Discount d) { discount = d; }
    double total() {
        if (discount instanceof NoDiscount) { return price; }
        return price - discount.off(price);
    }
    String line() {
        if (discount == null || discount instanceof NoDiscount) return "full price";
        return "with " + discount.label();
    }
}
class Desk { public static void main(String[] a) { Booking b = new Booking(80); System.out.println(b.total()); b.give(new Season()); System.out.println(b.total() + b.line()); } }
