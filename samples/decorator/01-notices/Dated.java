class Dated implements Notice {
    private final Notice inner;
    private final int day;

    Dated(Notice inner, int day) {
        this.inner = inner;
        this.day = day;
    }

    @Override
    public String text() {
        return inner.text() + " (day " + day + ")";
    }
}
