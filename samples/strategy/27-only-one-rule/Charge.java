public interface Charge {
    double forHours(int hours);
}
