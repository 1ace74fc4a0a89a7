class PlainNotice implements Notice {
    private final String text;

    PlainNotice(String text) {
        this.text = text;
    }

    @Override
    public String text() {
        return text;
    }
}
