public class Main {
    public static void main(String[] args) {
        FeeContext context = new FeeContext(new YachtFee());
        System.out.println(context.fee("yacht", 12));
        context = new FeeContext(new CargoFee());
        System.out.println(context.fee("cargo", 90));
    }
}
