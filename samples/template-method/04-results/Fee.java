public abstract class Fee {
    public final int total(int days) {
        int sum = base() + days * perDay();
        return Math.max(0, sum - discount(days));
    }

    protected abstract int base();

    protected abstract int perDay();

    protected int discount(int days) {
        return 0;
    }

    @Override
    public String toString() {
        return "fee from " + base();
    }
}

class PierFee extends Fee {
    protected int base() {
        return 10;
    }

    protected int perDay() {
        return 22;
    }

    @Override
    protected int discount(int days) {
        return days > 7 ? 30 : 0;
    }
}

class AnchorFee extends Fee {
    protected int base() {
        return 0;
    }

    protected int perDay() {
        return 5;
    }
}
