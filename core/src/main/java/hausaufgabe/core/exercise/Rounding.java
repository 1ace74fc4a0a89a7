package hausaufgabe.core.exercise;

/**
 * How points that were earned become the points that stand.
 *
 * @param notCompilingPercent how much of what was earned a submission keeps that does not compile
 * @param to the steps that the sum is given in
 */
public record Rounding(int notCompilingPercent, Steps to) {

    private static final double HUNDRED = 100;

    /** What holds counts, compiled or not, to a quarter. */
    public static final Rounding USUAL = new Rounding(100, Steps.QUARTERS);

    /** The steps of a sum. Halves of a step are rounded upward. */
    public enum Steps {
        QUARTERS(4),
        HALVES(2),
        WHOLE(1);

        private final int inOnePoint;

        Steps(int inOnePoint) {
            this.inOnePoint = inOnePoint;
        }

        double round(double points) {
            return (double) Math.round(points * inOnePoint) / inOnePoint;
        }
    }

    /** The points that stand for those that were earned, before lateness. */
    public double of(double earned, boolean compiled) {
        return to.round(compiled ? earned : earned * notCompilingPercent / HUNDRED);
    }
}
