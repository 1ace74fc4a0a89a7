enum Kind {
    FISH, OIL, TEA
}

interface Goods {
    double insurance(double value);
}

class Fish implements Goods {
    public double insurance(double value) {
        return value * 0.1;
    }
}

class Oil implements Goods {
    public double insurance(double value) {
        return 100 + value * 0.2;
    }
}

class Tea implements Goods {
    public double insurance(double value) {
        return value * 0.01;
    }
}

class GoodsFactory {
    static Goods make(Kind kind) {
        return switch (kind) {
            case FISH -> new Fish();
            case OIL -> new Oil();
            case TEA -> new Tea();
        };
    }
}

class Storage {
    double fee(Kind kind, int days) {
        switch (kind) {
            case FISH:
                return days * 9.0;
            case OIL:
                return days * 14.0;
            default:
                return days * 2.0;
        }
    }

    double insured(Kind kind, double value) {
        return GoodsFactory.make(kind).insurance(value);
    }
}
