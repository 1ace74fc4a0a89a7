public class BerthDesk {
    private Tariff tariff;
    private int served = 0;

    public BerthDesk(Tariff tariff) {
        this.tariff = tariff;
    }

    public void changeTariff(Tariff tariff) {
        this.tariff = tariff;
    }

    public double charge(double metres, int nights) {
        served++;
        return tariff.price(metres, nights);
    }

    public int getServed() {
        return served;
    }

    public static void main(String[] args) {
        BerthDesk desk = new BerthDesk(Tariff.SUMMER);
        System.out.println(desk.charge(10, 2));
        desk.changeTariff(Tariff.WINTER);
        System.out.println(desk.charge(10, 2));
    }
}
