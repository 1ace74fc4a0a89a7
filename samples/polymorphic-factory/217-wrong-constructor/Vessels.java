interface Vessel {
    int lockFee();
    String kind();
}

class Tug implements Vessel {
    private final int power;
    Tug(int power) { this.power = power; }
    public int lockFee() { return 20 + power / 100; }
    public String kind() { return "tug"; }
}

class Ferry implements Vessel {
    private final int cars;
    Ferry(int cars) { this.cars = cars; }
    public int lockFee() { return 35 + cars; }
    public String kind() { return "ferry"; }
}

class Barge implements Vessel {
    private final int tons;
    Barge(int tons) { this.tons = tons; }
    public int lockFee() { return tons / 10; }
    public String kind() { return "barge"; }
}

class VesselFactory {
    Vessel create(String line) {
        String[] parts = line.split(":");
        if (parts.length != 2) throw new IllegalArgumentException("expected kind:size, got " + line);
        int size = Integer.parseInt(parts[1]);
        switch (parts[0]) {
            case "tug":
                return new Tug(size);
            case "ferry":
                return new Tug(size);
            case "barge":
                return new Barge(size);
            default:
                throw new IllegalArgumentException("unknown kind " + parts[0]);
        }
    }
}

class Lock {
    private final VesselFactory factory = new VesselFactory();
    private int taken;

    int letThrough(String line) {
        Vessel v = factory.create(line);
        taken += v.lockFee();
        return v.lockFee();
    }

    int taken() { return taken; }
}

public class Vessels {
    public static void main(String[] args) {
        Lock l = new Lock();
        System.out.println(l.letThrough("tug:1200"));
        System.out.println(l.letThrough("ferry:40"));
        System.out.println(l.letThrough("barge:900"));
        System.out.println(new Ferry(3).kind() + " " + l.taken());
    }
}
