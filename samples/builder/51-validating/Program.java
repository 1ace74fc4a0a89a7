import java.util.*;

final class Trip {
    private final String ship;
    private final int days;
    private final List<String> stops;
    private final boolean night;

    private Trip(Builder b) {
        ship = b.ship;
        days = b.days;
        stops = List.copyOf(b.stops);
        night = b.night;
    }

    int days() {
        return days;
    }

    List<String> stops() {
        return stops;
    }

    String ship() {
        return ship;
    }

    boolean night() {
        return night;
    }

    static Builder of(String ship) {
        return new Builder(ship);
    }

    static final class Builder {
        private final String ship;
        private int days = 1;
        private final List<String> stops = new ArrayList<>();
        private boolean night;
        private boolean built;

        private Builder(String ship) {
            this.ship = ship;
        }

        Builder days(int d) {
            if (d < 1 || d > 90) throw new IllegalArgumentException("days " + d);
            days = d;
            return this;
        }

        Builder stop(String s) {
            stops.add(Objects.requireNonNull(s));
            return this;
        }

        Builder atNight() {
            night = true;
            return this;
        }

        Trip build() {
            if (built) throw new IllegalStateException("built already");
            if (stops.isEmpty()) throw new IllegalStateException("no stop");
            built = true;
            return new Trip(this);
        }
    }
}
