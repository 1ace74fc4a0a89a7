enum Leuchtfeuer {
    DAS_EINE;
    private int umdrehungen;

    static Leuchtfeuer holen() {
        return DAS_EINE;
    }

    void drehe() {
        umdrehungen++;
    }

    int umdrehungen() {
        return umdrehungen;
    }
}
