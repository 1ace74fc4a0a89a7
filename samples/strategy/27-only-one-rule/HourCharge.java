public class HourCharge implements Charge {
    public double forHours(int hours) {
        return hours * 1.5;
    }
}
