package gauge;

public class Display implements TideListener {
    private String text = "";

    @Override
    public void levelChanged(double newLevel) {
        text = String.format("%.2f m", newLevel);
        System.out.println(text);
    }
}
