import java.util.*;

class Office {
    private final List<Rule> rules;

    Office(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    double bill(String k, double m) {
        for (Rule r : rules) {
            if (r.fits(k)) {
                return r.fee(m);
            }
        }
        throw new IllegalArgumentException(k);
    }
}
