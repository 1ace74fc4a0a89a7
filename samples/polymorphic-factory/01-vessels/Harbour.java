package vessels;

public class Harbour {
    private double income;

    public void enter(String kind, int hours) {
        Vessel v = VesselFactory.create(kind);
        income += v.dues(hours);
    }

    public double income() {
        return income;
    }
}
