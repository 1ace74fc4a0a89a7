public class WinterRule implements Rule {
    public double apply(double length) {
        return 2 * length + heating();
    }

    public double heating() {
        return 11;
    }
}
