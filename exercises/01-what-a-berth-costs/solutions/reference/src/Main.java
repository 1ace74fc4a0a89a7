public class Main {
    public static void main(String[] args) {
        Ship ship = new Ship("Seeschwalbe", 12.5, 20);
        HarbourOffice byLength = new HarbourOffice(new LengthFee(1.8));
        HarbourOffice byTonnage = new HarbourOffice(new TonnageFee());
        System.out.println(byLength.bill(ship, 2));
        System.out.println(byTonnage.bill(ship, 2));
        System.out.println(new HarbourOffice(new DayVisitorFee()).bill(ship, 1));
    }
}
