interface Mooring {
    void moor(String ship);

    boolean isFree();
}

class WoodenPier implements Mooring {
    private String ship;

    public void moor(String s) {
        ship = s;
    }

    public boolean isFree() {
        return ship == null;
    }
}

class GuardedPier implements Mooring {
    private final WoodenPier pier = new WoodenPier();

    public void moor(String s) {
        System.out.println("guard: " + s);
        pier.moor(s);
    }

    public boolean isFree() {
        return pier.isFree();
    }
}
