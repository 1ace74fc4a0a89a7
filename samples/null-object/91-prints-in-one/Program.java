interface Bell {
    void ring(int times);

    String sound();
}

class BrassBell implements Bell {
    private int rung;

    public void ring(int t) {
        rung += t;
        System.out.println("dong x" + t);
    }

    public String sound() {
        return "dong " + rung;
    }
}

class NoBell implements Bell {
    public void ring(int t) {
        if (t > 10) System.out.println("no bell here");
    }

    public String sound() {
        return "";
    }
}

class Tower {
    private final Bell bell;

    Tower(Bell bell) {
        this.bell = bell;
    }

    void noon() {
        bell.ring(12);
    }

    String describe() {
        return "tower " + bell.sound();
    }
}
