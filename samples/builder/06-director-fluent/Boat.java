interface BoatBuilder {
    BoatBuilder hull(String material);

    BoatBuilder mast(int metres);

    Boat build();
}

record Boat(String hull, int mast) {}

class YardBuilder implements BoatBuilder {
    private String hull;
    private int mast;

    public BoatBuilder hull(String material) {
        hull = material;
        return this;
    }

    public BoatBuilder mast(int metres) {
        mast = metres;
        return this;
    }

    public Boat build() {
        return new Boat(hull, mast);
    }
}

class CheapBuilder implements BoatBuilder {
    private int mast;

    public BoatBuilder hull(String material) {
        return this;
    }

    public BoatBuilder mast(int metres) {
        mast = metres / 2;
        return this;
    }

    public Boat build() {
        return new Boat("plywood", mast);
    }
}

class Yard {
    Boat dinghy(BoatBuilder b) {
        return b.hull("oak").mast(5).build();
    }
}
