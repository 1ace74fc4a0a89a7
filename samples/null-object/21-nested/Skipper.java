import java.util.*;

public interface Skipper {
    String rank();

    boolean canSteer(int tons);

    Optional<String> licence();

    List<String> trips();

    final class Nobody implements Skipper {
        private static final Nobody N = new Nobody();

        public String rank() {
            return "";
        }

        public boolean canSteer(int tons) {
            return false;
        }

        public Optional<String> licence() {
            return Optional.empty();
        }

        public List<String> trips() {
            return new ArrayList<>();
        }
    }

    static Skipper nobody() {
        return Nobody.N;
    }
}

class Trained implements Skipper {
    private final List<String> trips = new ArrayList<>();

    public String rank() {
        return "master";
    }

    public boolean canSteer(int tons) {
        return tons < 500;
    }

    public Optional<String> licence() {
        return Optional.of("L-" + trips.size());
    }

    public List<String> trips() {
        return trips;
    }
}

class Register {
    private final Map<String, Skipper> m = new HashMap<>();

    Skipper of(String ship) {
        return Optional.ofNullable(m.get(ship)).orElse(Skipper.nobody());
    }

    boolean allowed(String ship, int tons) {
        return of(ship).canSteer(tons);
    }
}
