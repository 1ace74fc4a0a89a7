public class Office {
    private Fee fee;

    public void prepare(String kind) {
        if (kind.equals("long")) {
            fee = new LongFee();
        } else if (kind.equals("short")) {
            fee = new ShortFee();
        } else {
            fee = new GuestFee();
        }
    }

    public int pay(int metres) {
        return fee.of(metres);
    }
}
