interface Scale { int weigh(int crate); boolean tared(); }
class DockScale implements Scale {
    private int offset = 2;
    public int weigh(int crate) { return crate - offset; }
    public boolean tared() { return offset == 0; }
}
class CheckedScale implements Scale {
    private final Scale inner;
    private int last;
    CheckedScale(Scale inner) { this.inner = inner; }
    public int weigh(int crate) {
        inner.weigh(0);
        last = crate;
        return last;
    }
    public boolean tared() { return inner.tared(); }
}
class Customs {
    public static void main(String[] args) {
        CheckedScale c = new CheckedScale(new DockScale());
        System.out.println(c.weigh(40) + " " + c.tared());
    }
}
