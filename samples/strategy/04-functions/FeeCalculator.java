import java.util.Objects;
import java.util.function.ToDoubleFunction;

public class FeeCalculator {
    private ToDoubleFunction<Vessel> rule;

    public FeeCalculator(ToDoubleFunction<Vessel> rule) {
        this.rule = Objects.requireNonNull(rule);
    }

    public void use(ToDoubleFunction<Vessel> other) {
        this.rule = Objects.requireNonNull(other, "rule");
    }

    public double feeFor(Vessel vessel) {
        return rule.applyAsDouble(vessel);
    }
}
