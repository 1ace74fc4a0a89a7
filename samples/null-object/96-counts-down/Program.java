interface Alarm {
    boolean ring(int n);
}

class Horn implements Alarm {
    private int rung;

    public boolean ring(int n) {
        rung += n;
        return rung > 3;
    }
}

class NoAlarm implements Alarm {
    private static final int[] NONE = new int[0];

    public boolean ring(int n) {
        return NONE[0] > n;
    }
}

class Post {
    private Alarm a = new NoAlarm();

    void use(Alarm a) {
        this.a = a;
    }

    boolean wake(int n) {
        return a.ring(n);
    }
}
