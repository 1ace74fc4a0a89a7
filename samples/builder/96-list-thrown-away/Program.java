import java.util.*;

class Route {
    final String name;
    final List<String> stops;

    Route(String name, List<String> stops) {
        this.name = name;
        this.stops = stops;
    }
}

class RouteBuilder {
    private String name = "";
    private List<String> stops = new ArrayList<>();

    RouteBuilder name(String n) {
        name = n;
        stops = new ArrayList<>();
        return this;
    }

    RouteBuilder stop(String s) {
        List<String> copy = new ArrayList<>(stops);
        copy.add(s);
        return this;
    }

    Route build() {
        return new Route(name, List.copyOf(stops));
    }
}
