public interface Rule {
    double apply(double length);
}
