package harbour;

public class Ferry implements Vessel {

    @Override
    public double fee(double metres) {
        return metres * 1.5 + 40;
    }
}
