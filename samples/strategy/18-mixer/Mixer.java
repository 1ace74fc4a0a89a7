import java.util.function.DoubleUnaryOperator;

class Mixer {
    private final DoubleUnaryOperator[] modes;
    private int mode;

    Mixer(DoubleUnaryOperator... modes) {
        this.modes = modes;
    }

    void select(int i) {
        mode = i;
    }

    double apply(double x) {
        return modes[mode].applyAsDouble(x);
    }
}
