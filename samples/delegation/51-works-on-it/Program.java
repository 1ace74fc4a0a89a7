interface Sender {
    String send(String text, int priority);

    boolean ready();
}

class Radio implements Sender {
    public String send(String t, int p) {
        return t + "/" + p;
    }

    public boolean ready() {
        return true;
    }
}

class Polite implements Sender {
    private Sender inner;
    private int sent;

    Polite(Sender inner) {
        this.inner = java.util.Objects.requireNonNull(inner);
    }

    void use(Sender s) {
        inner = s;
    }

    public String send(String t, int p) {
        sent++;
        return "<" + inner.send("please: " + t.trim(), p + 1) + ">";
    }

    public boolean ready() {
        return inner.ready();
    }
}
