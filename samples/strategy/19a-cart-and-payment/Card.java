public class Card implements PaymentMethod {
    private String number;

    public Card(String n) {
        number = n;
    }

    public void pay(int a) {
        System.out.println(a + " by card " + number);
    }
}
