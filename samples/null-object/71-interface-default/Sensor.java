interface Sensor {
    default double messe() {
        return 0;
    }

    default void starte() {}

    String ort();
}

class Drucksensor implements Sensor {
    private double p = 1013;

    @Override
    public double messe() {
        return p + Math.random();
    }

    @Override
    public void starte() {
        p = 1000;
    }

    public String ort() {
        return "Kai";
    }
}

enum KeinSensor implements Sensor {
    EINER;

    public String ort() {
        return "nirgends";
    }
}

class Station {
    private final Sensor[] s = new Sensor[4];

    Station() {
        java.util.Arrays.fill(s, KeinSensor.EINER);
    }

    void setze(int i, Sensor x) {
        s[i] = x == null ? KeinSensor.EINER : x;
    }

    double mittel() {
        double m = 0;
        for (Sensor x : s) m += x.messe();
        return m / s.length;
    }
}
