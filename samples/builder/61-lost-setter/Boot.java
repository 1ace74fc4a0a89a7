class Boot {
    String name;
    int sitze;
    boolean motor;
}

class BootBauer {
    private String name = "";
    private int sitze;
    private boolean motor;

    BootBauer name(String n) {
        name = n;
        return this;
    }

    BootBauer sitze(int s) {
        sitze = s;
        return this;
    }

    BootBauer motor() {
        motor = true;
        return this;
    }

    Boot baue() {
        Boot b = new Boot();
        b.name = name;
        b.sitze = sitze;
        return b;
    }
}

class Verleih {
    Boot klein() {
        return new BootBauer().name("Jolle").sitze(4).motor().baue();
    }
}
