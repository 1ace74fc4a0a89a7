import java.util.ArrayList;
import java.util.List;

class Marina {
    private FeeRule rule = new StandardRule();
    private final List<Visit> visits = new ArrayList<>();
    private final List<MarinaListener> listeners = new ArrayList<>();

    void arrive(Visit v) {
        visits.add(v);
        for (MarinaListener l : listeners) {
            l.arrived(v);
        }
    }

    void addListener(MarinaListener l) {
        listeners.add(l);
    }

    void setRule(FeeRule r) {
        rule = r;
    }

    /** Only counts visits, so a marina without visits earns nothing. */
    int income() {
        int sum = 0;
        for (Visit v : visits) {
            sum += feeOf(v);
        }
        return sum;
    }

    private int feeOf(Visit v) {
        FeeRule current = this.rule;
        return current.cents(v);
    }
}
