import java.util.ArrayList;
import java.util.List;

public class Cart {
    private List<Item> items = new ArrayList<Item>();
    private PaymentMethod paymentMethod = null;

    public void addItem(Item item) {
        this.items.add(item);
    }

    public int calculateTotal() {
        int sum = 0;
        for (Item item : items) {
            sum += item.getPrice();
        }
        return sum;
    }

    public void pay(PaymentMethod paymentMethod) {
        int amount = calculateTotal();
        paymentMethod.pay(amount);
    }
}
