class Konto {
    private static Konto eins = new Konto();
    private static Konto zwei = new Konto();

    private Konto() {}

    static Konto gib(boolean b) {
        return b ? eins : zwei;
    }
}
