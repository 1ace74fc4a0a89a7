import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

public final class Voyage {
    private final String from;
    private final String to;
    private final List<String> stops;

    private Voyage(Builder b) {
        from = b.from;
        to = b.to;
        stops = b.stops;
    }

    public static Builder builder() {
        return new Builder();
    }

    public String describe() {
        return from + " -> " + String.join(", ", stops) + " -> " + to;
    }

    public static class Builder {
        private String from = "Nordhafen";
        private String to;
        private final List<String> stops = new ArrayList<>();

        public Builder from(String from) {
            this.from = from;
            return this;
        }

        public Builder to(String to) {
            this.to = Objects.requireNonNull(to);
            return this;
        }

        public Builder stop(String stop) {
            stops.add(stop);
            return this;
        }

        public Voyage build() {
            if (to == null) {
                throw new IllegalStateException("no destination");
            }
            return new Voyage(this);
        }
    }

    public static void main(String[] args) {
        System.out.println(Voyage.builder().to("Suedpier").stop("Boje 4").build().describe());
    }
}
