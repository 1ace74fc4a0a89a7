package obs;

public class DraughtMark implements Observer {
    private final CargoHold hold;
    private double draught;

    public DraughtMark(CargoHold hold) {
        this.hold = hold;
    }

    @Override
    public void update(Subject subject) {
        if (subject == hold) {
            draught = 2 + hold.tons() / 100.0;
        }
    }
}
