package harbour;

public class Yacht implements Vessel {

    @Override
    public double fee(double metres) {
        return metres * 2;
    }
}
