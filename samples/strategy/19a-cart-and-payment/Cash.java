public class Cash implements PaymentMethod {
    public void pay(int a) {
        System.out.println(a + " in cash");
    }
}
