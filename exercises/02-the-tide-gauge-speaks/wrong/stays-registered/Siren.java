package gauge;

public class Siren implements TideListener {
    private boolean on;

    @Override
    public void levelChanged(double newLevel) {
        on = newLevel > 4.5;
        if (on) {
            System.out.println("WOOOO");
        }
    }
}
