interface Lamp { int brightness(); }
class Lantern implements Lamp { public int brightness() { return 40; } }
class Buoy implements Lamp { public int brightness() { return 15; } }
class Mirror {
    private final Lamp behind;
    Mirror(Lamp behind) { this.behind = behind; }
    public int brightness() { return behind.brightness() * 3; }
}
class Pier { int seenFrom(Lamp lamp) { return lamp.brightness(); } }
