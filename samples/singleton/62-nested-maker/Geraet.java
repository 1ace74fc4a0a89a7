class Geraet {
    private static final Geraet G = new Geraet();

    private Geraet() {}

    static Geraet g() {
        return G;
    }

    static class Bauer {
        Geraet baue() {
            return new Geraet();
        }
    }
}
