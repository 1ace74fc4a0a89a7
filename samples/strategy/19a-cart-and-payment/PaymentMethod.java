public interface PaymentMethod {
    public void pay(int amount);
}
