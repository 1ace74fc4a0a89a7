package horn;

public class AirHorn implements Signal {
    private int sounded;

    @Override
    public void sound(int seconds) {
        sounded += seconds;
        System.out.println("T".repeat(seconds));
    }

    @Override
    public int volume() {
        return 120;
    }
}
