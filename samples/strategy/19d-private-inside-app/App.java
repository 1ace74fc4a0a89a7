public class App {
    private static class Office {
        private Fee fee;

        private Office(Fee f) {
            fee = f;
        }

        private double bill(double m) {
            return fee.of(m);
        }
    }

    public static void main(String[] a) {
        System.out.println(new Office(new MetreFee()).bill(2));
        System.out.println(new Office(new PlusFee()).bill(2));
    }
}
