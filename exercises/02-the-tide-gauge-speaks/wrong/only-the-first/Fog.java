import java.util.*;

class FogSensor {
    private List<FogListener> ls = new ArrayList<>();
    private int metres = 5000;

    void add(FogListener l) { ls.add(l); }
    void remove(FogListener l) { ls.remove(l); }

    void sight(int m) {
        metres = m;
        if (!ls.isEmpty()) {
            ls.get(0).fog(metres);
        }
    }
}

interface FogListener { void fog(int metres); }

class FogBell implements FogListener {
    public void fog(int metres) { System.out.println("ding " + metres); }
}

class Traffic implements FogListener {
    int speed = 10;
    public void fog(int metres) { speed = metres < 500 ? 4 : 10; }
}
