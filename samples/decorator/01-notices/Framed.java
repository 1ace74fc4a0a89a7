class Framed implements Notice {
    private final Notice inner;

    Framed(Notice inner) {
        this.inner = inner;
    }

    @Override
    public String text() {
        return "[ " + inner.text() + " ]";
    }
}
