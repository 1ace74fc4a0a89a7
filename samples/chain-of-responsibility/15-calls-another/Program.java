record Parcel(String to, double kilos) {}
interface Carrier { String carry(Parcel p); String name(); }
class Bicycle implements Carrier {
    private Carrier next;
    void setNext(Carrier next) { this.next = next; }
    public String name() { return "bicycle"; }
    public String carry(Parcel p) { return p.kilos() <= 5 ? name() : next.name(); }
}
class Cart implements Carrier {
    private Carrier next;
    void setNext(Carrier next) { this.next = next; }
    public String name() { return "cart"; }
    public String carry(Parcel p) { return p.kilos() <= 80 ? name() : next.name(); }
}
