interface Tank {
    int voll();
    int leer();
    void fuelle(int liter);
}

class Wassertank implements Tank {
    private int inhalt;
    public int voll() { return inhalt; }
    public int leer() { return 500 - inhalt; }
    public void fuelle(int liter) {
        if (liter < 0 || inhalt + liter > 500) throw new IllegalArgumentException("Liter " + liter);
        inhalt += liter;
    }
}

class Oeltank implements Tank {
    private int inhalt = 50;
    public int voll() { return inhalt; }
    public int leer() { return 200 - inhalt; }
    public void fuelle(int liter) { inhalt = Math.min(200, inhalt + liter); }
}

class Fernanzeige implements Tank {
    private final Tank tank;
    Fernanzeige(Tank tank) { this.tank = tank; }
    public int voll() { return tank.leer(); }
    public int leer() { return tank.voll(); }
    public void fuelle(int liter) { tank.fuelle(liter); }
}

public class Messwarte {
    public static void main(String[] args) {
        Fernanzeige f = new Fernanzeige(new Wassertank());
        f.fuelle(120);
        System.out.println(f.voll() + " " + f.leer());
        System.out.println(new Fernanzeige(new Oeltank()).voll());
    }
}
