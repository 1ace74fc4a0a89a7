import java.util.ArrayList;
import java.util.List;

public final class Signals {
    private Signals() {}

    /** The only place that asks what a signal is. */
    public static <R> R tell(Signal signal, SignalCases<R> cases) {
        if (signal instanceof Flag flag) {
            return cases.flag(flag);
        } else if (signal instanceof Horn horn) {
            return cases.lamp(new Lamp("-".repeat(horn.seconds())));
        } else if (signal instanceof Lamp lamp) {
            return cases.lamp(lamp);
        }
        throw new AssertionError(signal);
    }

    public static <R> List<R> tellAll(List<Signal> signals, SignalCases<R> cases) {
        List<R> all = new ArrayList<>();
        for (Signal s : signals) {
            all.add(tell(s, cases));
        }
        return all;
    }
}
