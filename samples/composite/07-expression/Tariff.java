/** A fee made of fees. */
interface Fee {
    double amount(int days);
}

class Fixed implements Fee {
    private final double euros;

    Fixed(double euros) {
        this.euros = euros;
    }

    public double amount(int days) {
        return euros;
    }
}

class Daily implements Fee {
    private final double rate;

    Daily(double rate) {
        this.rate = rate;
    }

    public double amount(int days) {
        return rate * days;
    }
}

class Sum implements Fee {
    private final Fee left;
    private final Fee right;

    Sum(Fee left, Fee right) {
        this.left = left;
        this.right = right;
    }

    public double amount(int days) {
        return left.amount(days) + right.amount(days);
    }
}
