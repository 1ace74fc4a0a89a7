package gauge;

public interface TideListener {
    void levelChanged(double newLevel);
}
