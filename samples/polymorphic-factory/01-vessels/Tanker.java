package vessels;

public class Tanker implements Vessel {
    @Override
    public int crew() {
        return 18;
    }

    @Override
    public double dues(int hours) {
        return 500 + hours * 40.0;
    }
}
