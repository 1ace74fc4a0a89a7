interface PilotFee { int fee(int draught); String name(); }
class SummerFee implements PilotFee {
    public int fee(int draught) { return draught * 40; }
    public String name() { return "summer"; }
}
class WinterFee implements PilotFee {
    public int fee(int draught) { return draught * 55 + 100; }
    public String name() { return "winter"; }
}
class PilotOffice {
    private PilotFee fee;
    PilotOffice(PilotFee fee) { this.fee = fee; }
    void setFee(PilotFee fee) { this.fee = fee; }
    int bill(int draught, int miles) {
        int base;
        if (fee.name().equals("summer")) {
            base = draught * 40;
        } else {
            base = draught * 55 + 100;
        }
        return base + miles * 3;
    }
}
class App {
    public static void main(String[] args) {
        PilotOffice o = new PilotOffice(new SummerFee());
        System.out.println(o.bill(5, 12));
        o.setFee(new WinterFee());
        System.out.println(o.bill(5, 12));
    }
}
