class Office {
    private final Fee fee;
    private final String name;

    private Office(Builder b) {
        this.fee = b.fee;
        this.name = b.name;
    }

    static Builder builder() {
        return new Builder();
    }

    double bill(double m) {
        return Math.round(fee.of(m));
    }

    static class Builder {
        Fee fee;
        String name;

        Builder fee(Fee f) {
            fee = f;
            return this;
        }

        Builder name(String n) {
            name = n;
            return this;
        }

        Office build() {
            return new Office(this);
        }
    }
}
