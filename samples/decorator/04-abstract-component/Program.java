abstract class Lamp {
    abstract int brightness();
    abstract String colour();
}
class Lantern extends Lamp {
    int brightness() { return 40; }
    String colour() { return "white"; }
}
class Filter extends Lamp {
    private final Lamp behind;
    private final String colour;
    Filter(String colour, Lamp behind) { this.colour = colour; this.behind = behind; }
    int brightness() { return behind.brightness() / 2; }
    String colour() { return colour; }
}
class Mirror extends Lamp {
    private final Lamp behind;
    Mirror(Lamp behind) { this.behind = behind; }
    int brightness() { return behind.brightness() * 3; }
    String colour() { return behind.colour(); }
}
class Pier { int seenFrom(Lamp lamp, int metres) { return lamp.brightness() - metres; } }
