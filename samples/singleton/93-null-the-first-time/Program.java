class Lotse {
    private static Lotse lotse;

    private Lotse() {}

    static synchronized Lotse gib() {
        Lotse vorher = lotse;
        if (lotse == null) lotse = new Lotse();
        return vorher;
    }
}
