package vessels;

public interface Vessel {
    int crew();

    double dues(int hours);
}
