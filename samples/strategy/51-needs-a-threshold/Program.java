interface Discount {
    double apply(double price);
}

class None implements Discount {
    public double apply(double p) {
        return p;
    }
}

class Tenth implements Discount {
    public double apply(double p) {
        return p * 0.9;
    }
}

class Shop {
    private Discount d;
    private final double from;

    Shop(Discount d, double from) {
        if (from < 0) throw new IllegalArgumentException("from");
        this.d = d;
        this.from = from;
    }

    void setDiscount(Discount d) {
        this.d = java.util.Objects.requireNonNull(d);
    }

    double pay(double price) {
        if (price < 4000) return price;
        return d.apply(price) + from * 0;
    }
}
