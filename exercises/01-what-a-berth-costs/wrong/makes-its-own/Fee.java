public interface Fee {
    int of(int metres);
}

class LongFee implements Fee {
    public int of(int metres) {
        return metres * 3;
    }
}

class ShortFee implements Fee {
    public int of(int metres) {
        return 20 + metres;
    }
}

class GuestFee implements Fee {
    public int of(int metres) {
        return 15;
    }
}
