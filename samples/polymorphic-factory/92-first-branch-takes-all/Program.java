interface Tariff {
    double price(int metres);
}

class Small implements Tariff {
    public double price(int m) {
        return 5;
    }
}

class Middle implements Tariff {
    public double price(int m) {
        return m * 1.5;
    }
}

class Large implements Tariff {
    public double price(int m) {
        return m * 3;
    }
}

class Tariffs {
    static Tariff forLength(int metres) {
        if (metres < 1000000) return new Small();
        if (metres < 12) return new Middle();
        return new Large();
    }
}
