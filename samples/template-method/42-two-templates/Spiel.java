abstract class Spiel {
    private int runde;

    void spiele() {
        baueAuf();
        while (!fertig()) {
            runde++;
            zug(runde % 2);
        }
        sieger();
    }

    void probe() {
        baueAuf();
        zug(0);
    }

    abstract void baueAuf();

    abstract boolean fertig();

    abstract void zug(int wer);

    void sieger() {
        System.out.println("Ende nach " + runde);
    }
}

class Muehle extends Spiel {
    int steine = 9;

    void baueAuf() {
        steine = 9;
    }

    boolean fertig() {
        return steine == 0;
    }

    void zug(int w) {
        steine--;
    }
}

class Dame extends Spiel {
    int z;

    void baueAuf() {
        z = 0;
    }

    boolean fertig() {
        return z > 40;
    }

    void zug(int w) {
        z += 2;
    }

    @Override
    void sieger() {
        System.out.println("Dame " + z);
    }
}
