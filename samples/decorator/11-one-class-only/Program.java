interface Notice { String text(); }
class PlainNotice implements Notice { public String text() { return "no mooring"; } }
class Framed implements Notice {
    private final PlainNotice inner;
    Framed(PlainNotice inner) { this.inner = inner; }
    public String text() { return "[ " + inner.text() + " ]"; }
}
