package harbour;

public class Barge implements Vessel {

    @Override
    public double fee(double metres) {
        return 55;
    }

    @Override
    public String label() {
        return "inland barge";
    }
}
