interface Melder {
    void melde(String s);
}

class Lautsprecher implements Melder {
    int n;

    public void melde(String s) {
        n++;
        System.out.println(s);
    }
}

class Stille implements Melder {
    public void melde(String s) {}
}

class Schicht {
    private Melder melder;

    Schicht(Melder m) {
        melder = m;
    }

    void ende() {
        if (melder == null) {
            return;
        }
        melder.melde("ende");
    }
}
