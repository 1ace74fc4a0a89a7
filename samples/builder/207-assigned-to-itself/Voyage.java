import java.util.ArrayList;
import java.util.List;

class Voyage {
    private final String code;
    private final String captain;
    private final int crew;
    private final List<String> ports;

    Voyage(String code, String captain, int crew, List<String> ports) {
        this.code = code;
        this.captain = captain;
        this.crew = crew;
        this.ports = new ArrayList<>(ports);
    }

    String describe() {
        return code + " under " + captain + " with " + crew + " via " + String.join(", ", ports);
    }
}

class VoyageBuilder {
    private String code;
    private String captain = "nobody";
    private int crew = 1;
    private final List<String> ports = new ArrayList<>();

    VoyageBuilder code(String c) {
        if (!c.matches("V\\d{4}")) {
            throw new IllegalArgumentException("voyage code: " + c);
        }
        this.code = c;
        return this;
    }

    VoyageBuilder captain(String name) {
        if (name.isBlank()) throw new IllegalArgumentException("captain");
        captain = captain;
        return this;
    }

    VoyageBuilder crew(int n) {
        if (n < 1 || n > 40) throw new IllegalArgumentException("crew: " + n);
        crew = n;
        return this;
    }

    VoyageBuilder via(String port) {
        ports.add(port);
        return this;
    }

    Voyage build() {
        if (code == null) throw new IllegalStateException("no code");
        if (ports.isEmpty()) throw new IllegalStateException("no ports");
        return new Voyage(code, captain, crew, ports);
    }
}

class Office {
    public static void main(String[] args) {
        VoyageBuilder b = new VoyageBuilder().code("V0042").captain("Lund").crew(7).via("Sandhaven").via("Ostkap");
        System.out.println(b.build().describe());
        System.out.println(new VoyageBuilder().code("V0100").captain("Brook").crew(3).via("Grauort").build().describe());
    }
}
