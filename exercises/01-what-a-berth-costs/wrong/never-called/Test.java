public class Test {
    public static void main(String[] args) {
        IFee fee = new RebateFee();
        System.out.println(fee.compute(10, 2));
        HarbourMaster m = new HarbourMaster(fee);
        System.out.println(m.computeFee(10, 2));
    }
}
