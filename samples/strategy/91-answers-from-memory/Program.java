interface Fee {
    double of(int days);
}

class Winter implements Fee {
    public double of(int d) {
        return d * 4;
    }
}

class Summer implements Fee {
    public double of(int d) {
        return d * 9;
    }
}

class Marina {
    private static Fee fee;

    Marina(Fee f) {
        fee = f;
    }

    double bill(int days) {
        return fee.of(days);
    }
}
