enum SailKind {
    MAIN, JIB, SPINNAKER
}

interface Sail {
    double area(double mast);
}

class MainSail implements Sail {
    public double area(double mast) {
        return mast * 3.2;
    }
}

class HeadSail implements Sail {
    private final SailKind kind;

    HeadSail(SailKind kind) {
        this.kind = kind;
    }

    public double area(double mast) {
        switch (kind) {
            case JIB:
                return mast * 1.8;
            case SPINNAKER:
                return mast * 5;
            default:
                return 0;
        }
    }
}

class SailMaker {
    static Sail sew(SailKind kind) {
        if (kind == SailKind.MAIN) {
            return new MainSail();
        }
        return new HeadSail(kind);
    }
}

class Boat {
    double area(SailKind... kinds) {
        double sum = 0;
        for (SailKind k : kinds) {
            sum += SailMaker.sew(k).area(11);
        }
        return sum;
    }
}
