package harbour;

public class Ferry implements Vessel {

    @Override
    public double fee(double metres) {
        return metres * 1.5 + 40;
    }

    @Override
    public String label() {
        return "ferry service";
    }
}
