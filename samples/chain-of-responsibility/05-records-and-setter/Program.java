record Parcel(String to, double kilos) {}
interface Carrier {
    String carry(Parcel p);
}
class Bicycle implements Carrier {
    private Carrier next;
    void setNext(Carrier next) { this.next = next; }
    public String carry(Parcel p) { return p.kilos() <= 5 || next == null ? "bicycle" : next.carry(p); }
}
class Cart implements Carrier {
    private Carrier next;
    void setNext(Carrier next) { this.next = next; }
    public String carry(Parcel p) {
        if (p.kilos() <= 80 || next == null) {
            return "cart";
        }
        return next.carry(p);
    }
}
class Barge implements Carrier {
    public String carry(Parcel p) { return "barge to " + p.to(); }
}
class Depot {
    public static void main(String[] args) {
        Bicycle b = new Bicycle();
        Cart c = new Cart();
        b.setNext(c);
        c.setNext(new Barge());
        System.out.println(b.carry(new Parcel("Nordhafen", 300)));
    }
}
