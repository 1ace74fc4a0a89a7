abstract class Light {
    abstract void on();

    abstract void off();

    abstract boolean shines();
}

class Bulb extends Light {
    private boolean on;

    void on() {
        on = true;
    }

    void off() {
        on = false;
    }

    boolean shines() {
        return on;
    }
}

class TimedLight extends Light {
    private final Light light;
    private long since;

    TimedLight(Light light) {
        this.light = light;
    }

    void on() {
        since = System.nanoTime();
        light.on();
    }

    void off() {
        light.off();
    }

    boolean shines() {
        return light.shines();
    }

    long nanos() {
        return System.nanoTime() - since;
    }
}
