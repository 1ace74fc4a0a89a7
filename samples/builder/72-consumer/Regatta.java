import java.util.*;
import java.util.function.Consumer;

class Regatta {
    final String name;
    final List<String> boote;
    final int bahnen;

    private Regatta(Plan p) {
        name = p.name;
        boote = List.copyOf(p.boote);
        bahnen = p.bahnen;
    }

    static Regatta plane(Consumer<Plan> c) {
        Plan p = new Plan();
        c.accept(p);
        return p.fest();
    }

    static class Plan {
        private String name = "?";
        private final List<String> boote = new ArrayList<>();
        private int bahnen = 1;

        Plan name(String n) {
            name = n;
            return this;
        }

        Plan boot(String b) {
            boote.add(b);
            return this;
        }

        Plan bahnen(int b) {
            bahnen = b;
            return this;
        }

        Regatta fest() {
            return new Regatta(this);
        }
    }
}
