public class Gauge {
    private final Lamp lamp = new Lamp();
    private final Speaker speaker = new Speaker();
    private int value;

    public void setValue(int value) {
        this.value = value;
        lamp.update(value);
        speaker.update(value);
    }
}

interface ValueObserver {
    void update(int value);
}

class Lamp implements ValueObserver {
    public void update(int value) {
        System.out.println(value > 10 ? "on" : "off");
    }
}

class Speaker implements ValueObserver {
    public void update(int value) {
        System.out.println("beep " + value);
    }
}
