package vessels;

public class Ferry implements Vessel {
    @Override
    public int crew() {
        return 6;
    }

    @Override
    public double dues(int hours) {
        return hours * 12.0;
    }
}
