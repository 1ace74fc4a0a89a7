interface Ansage {
    void sage(String t);

    boolean laut();
}

class Lautsprecher implements Ansage {
    int n;

    public void sage(String t) {
        n++;
        System.out.println(t);
    }

    public boolean laut() {
        return n > 0;
    }
}

class NullAnsage implements Ansage {
    public void sage(String t) {
        System.out.println("(keine Ansage)");
    }

    public boolean laut() {
        return false;
    }
}

class Bahnhof {
    private Ansage a = new NullAnsage();

    void setze(Ansage x) {
        a = x;
    }

    void zug(String s) {
        a.sage(s);
    }
}
